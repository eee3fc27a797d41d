package org.fermix.standins;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plausibility;
import org.fermix.core.label.Build;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Table;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;

/**
 * A seller’s catalogue that nobody sells from: invented batteries in standard and usual cases,
 * their figures drawn from the plausibility bands, some of them with a label that flatters or
 * leaves things out. The same number of pages is always the same catalogue.
 */
public final class InventedCatalogue {
  /**
   * One invented battery.
   *
   * @param caseCode printed on it; empty for cases of no standard
   * @param flaw what is wrong with its label
   */
  public record Item(Label label, String caseCode, Flaw flaw) {}

  /** What an invented label does wrong. */
  public enum Flaw {
    NONE,
    /** Cranking amps no such battery holds. */
    CRANKING,
    /** Ampere-hours at the 100-hour rate. */
    HUNDRED_HOURS,
    /** Lithium ampere-hours compared with lead. */
    LEAD_EQUIVALENT,
    /** Neither reserve capacity nor mass. */
    GAPS,
    /** Lithium whose protection is not stated. */
    UNPROTECTED
  }

  private static final String GENERATOR = "L64X128MixRandom";
  private static final long SEED = 13;
  private static final Table PRICES = Table.read(InventedCatalogue.class, "invented-prices.csv");
  private static final List<String> MAKERS =
      List.of(
          "Northshore",
          "Halyard",
          "Tern",
          "Sedge",
          "Harbour",
          "Otter",
          "Brightwater",
          "Heron",
          "Fenland",
          "Grebe");

  /** Cases of motorcycles and powersport machines (mm), as commonly sold; from memory. */
  private static final double[][] SMALL = {
    {113, 70, 85}, {113, 70, 105}, {114, 71, 131}, {150, 69, 105}, {134, 65, 92}, {134, 80, 160},
    {150, 87, 93}, {150, 87, 105}, {150, 87, 130}, {150, 87, 145}, {150, 87, 161}, {175, 87, 130},
    {175, 87, 155}, {180, 90, 162}, {205, 87, 162}, {134, 89, 164}, {166, 126, 175}
  };

  /** Cases of 6 V batteries (mm), as commonly sold; from memory. */
  private static final double[][] SIX_VOLTS = {
    {71, 71, 96}, {99, 57, 111}, {120, 60, 130}, {165, 85, 165}, {178, 168, 200}, {230, 171, 220}
  };

  /** Cases of 24 V batteries (mm); of light aircraft and boats, from memory. */
  private static final double[][] TWENTY_FOUR_VOLTS = {{330, 173, 240}, {265, 170, 225}};

  /** Share of a case’s volume that is battery, as its mass has it. */
  private static final double FILLED = 0.9;

  private final RandomGenerator random;
  private final List<Item> items = new ArrayList<>();
  private final Map<String, Integer> names = new LinkedHashMap<>();

  private InventedCatalogue(long seed) {
    this.random = RandomGeneratorFactory.of(GENERATOR).create(seed);
  }

  /** The catalogue that ships: every case in every chemistry that is made for it. */
  public static List<Item> shipped() {
    return of(1);
  }

  /**
   * As many catalogues one after another, each with figures of its own.
   *
   * @param pages 1 to 1,000
   */
  public static List<Item> of(int pages) {
    InventedCatalogue made = new InventedCatalogue(SEED);
    for (int page = 0; page < pages; page++) {
      made.page();
    }
    return List.copyOf(made.items);
  }

  private void page() {
    for (CaseCode code : CaseCode.all()) {
      for (Chemistry chemistry : Chemistry.all()) {
        List<TerminalSide> sides =
            code.positiveSide()
                .map(List::of)
                .orElse(List.of(TerminalSide.LEFT, TerminalSide.RIGHT));
        for (TerminalSide side : sides) {
          add(chemistry, code.size(), side, code.terminal(), 12, printed(code, side), test(code));
        }
      }
    }
    for (Chemistry chemistry : Chemistry.all()) {
      boolean light =
          !chemistry.isLead()
              || Plausibility.of(chemistry, Plausibility.Kind.POWERSPORT).isPresent();
      for (double[] size : SMALL) {
        for (TerminalSide side : TerminalSide.values()) {
          if (light) {
            small(chemistry, size, side, 12, Terminal.TAB);
          }
        }
      }
      for (double[] size : SIX_VOLTS) {
        if (light && chemistry.isLead()) {
          small(chemistry, size, TerminalSide.RIGHT, 6, Terminal.POST);
        }
      }
      for (double[] size : TWENTY_FOUR_VOLTS) {
        if (light) {
          small(chemistry, size, TerminalSide.RIGHT, 24, Terminal.STUD);
        }
      }
    }
  }

  private void small(
      Chemistry chemistry, double[] size, TerminalSide side, int volts, Terminal terminal) {
    add(
        chemistry,
        new CaseSize(size[0], size[1], size[2]),
        side,
        terminal,
        volts,
        "",
        CrankingTest.COLD_CRANKING);
  }

  private static String printed(CaseCode code, TerminalSide side) {
    return code.positiveSide().isPresent()
        ? code.code()
        : code.code() + (side == TerminalSide.LEFT ? "L" : "R");
  }

  private static CrankingTest test(CaseCode code) {
    return CrankingTest.find(code.system().toLowerCase(Locale.ROOT))
        .orElse(CrankingTest.COLD_CRANKING);
  }

  private void add(
      Chemistry chemistry,
      CaseSize size,
      TerminalSide side,
      Terminal terminal,
      int volts,
      String code,
      CrankingTest test) {
    Plausibility usual = usual(chemistry, size);
    double series = volts / 12.0;
    double kg = size.litres() * FILLED * chemistry.circuit().densityKgPerM3() / 1000;
    if (!chemistry.isLead()) {
      // Lithium and sodium are sold in cases they do not fill.
      kg *= draw(0.55, 0.8);
    }
    double ampHours = kg / series * draw(usual.ampHoursPerKg(), 0.2, 0.8);
    double cold =
        Math.min(
            ampHours * draw(usual.ccaPerAmpHour(), 0.15, 0.7),
            kg / series * usual.ccaPerKg().high());
    double minutes = ampHours * draw(usual.reservePerAmpHour(), 0.2, 0.8);
    Flaw flaw = flaw(chemistry);
    double hours = flaw == Flaw.HUNDRED_HOURS ? 100 : Label.CAPACITY_HOURS;
    double printedAh = ampHours * printedShare(flaw, usual);
    double printedCold =
        cold * (flaw == Flaw.CRANKING ? draw(1.7, 2.4) : 1) * testShare(test, chemistry);
    boolean gaps = flaw == Flaw.GAPS;
    String name = name(chemistry, ampHours);
    double price = round(price(chemistry, ampHours * series), 1);
    items.add(
        new Item(
            new Label(
                name,
                chemistry,
                new CrankingRating(Math.min(2500, Math.max(5, round(printedCold, 5))), test),
                Optional.of(Given.label(Math.max(1, round(printedAh, 1)), Unit.AMPERE_HOUR)),
                gaps || ampHours < 25
                    ? Optional.empty()
                    : Optional.of(Given.label(round(minutes, 5), Unit.MINUTE)),
                gaps ? Optional.empty() : Optional.of(Given.label(round(kg, 0.1), Unit.KILOGRAM)),
                size,
                side,
                Given.typed(price, Unit.MONEY),
                new Build(volts, Optional.of(terminal)),
                sheet(chemistry, hours, flaw)),
            code,
            flaw));
  }

  private static Plausibility usual(Chemistry chemistry, CaseSize size) {
    boolean small = size.litres() < 4;
    return Optional.of(Plausibility.Kind.POWERSPORT)
        .filter(kind -> small)
        .flatMap(kind -> Plausibility.of(chemistry, kind))
        .or(() -> Plausibility.of(chemistry, Plausibility.Kind.STARTING))
        .or(() -> Plausibility.of(chemistry, Plausibility.Kind.DEEP_CYCLE))
        .orElseThrow();
  }

  private static double printedShare(Flaw flaw, Plausibility usual) {
    return switch (flaw) {
      case HUNDRED_HOURS -> Math.pow(5, 1 - 1 / usual.peukert().low());
      case LEAD_EQUIVALENT -> 3;
      default -> 1;
    };
  }

  /** A rating by EN is printed a little lower; middle of the trade’s range. */
  private static double testShare(CrankingTest test, Chemistry chemistry) {
    return chemistry.isLead() ? Math.sqrt(test.trade().low() * test.trade().high()) : 1;
  }

  private Sheet sheet(Chemistry chemistry, double hours, Flaw flaw) {
    ProtectionClaim protection =
        chemistry.protection().isPresent() && flaw != Flaw.UNPROTECTED
            ? ProtectionClaim.BUILT_IN
            : ProtectionClaim.NONE;
    boolean heated = !chemistry.isLead() && random.nextDouble() < 0.2;
    return new Sheet(hours, List.of(), protection, heated, random.nextDouble() < 0.3);
  }

  private Flaw flaw(Chemistry chemistry) {
    double drawn = random.nextDouble();
    if (drawn < 0.04) {
      return Flaw.CRANKING;
    }
    if (drawn < 0.08) {
      return Flaw.HUNDRED_HOURS;
    }
    if (drawn < 0.12) {
      return Flaw.GAPS;
    }
    if (!chemistry.isLead() && drawn < 0.18) {
      return Flaw.LEAD_EQUIVALENT;
    }
    return !chemistry.isLead() && drawn < 0.24 ? Flaw.UNPROTECTED : Flaw.NONE;
  }

  private String name(Chemistry chemistry, double ampHours) {
    String maker = MAKERS.get(random.nextInt(MAKERS.size()));
    String plain = maker + " Demo " + Math.round(ampHours) + " " + chemistry.shortName();
    int seen = names.merge(plain, 1, Integer::sum);
    return seen == 1 ? plain : plain + " mk " + seen;
  }

  /** Invented prices, so that money has something to say; never a real list. */
  private double price(Chemistry chemistry, double ampHours) {
    double perAmpHour = PRICES.row("chemistry", chemistry.id()).number("price_per_ah");
    return (12 + perAmpHour * ampHours) * draw(0.85, 1.25);
  }

  private double draw(double low, double high) {
    return low + (high - low) * random.nextDouble();
  }

  private double draw(Plausibility.Range range, double from, double to) {
    return range.low() + (range.high() - range.low()) * draw(from, to);
  }

  private static double round(double value, double step) {
    return Math.round(value / step) * step;
  }
}
