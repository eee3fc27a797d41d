package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.electrical.UsualBattery;
import org.fermix.core.label.Build;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Tray;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;

/**
 * What a battery of each chemistry would be like that was made for one machine: so that a need
 * already has an answer before any label is typed. Its size is the usual one of such a machine, or
 * what does what the maker asks where that is known, no larger than goes into the tray; its price
 * about what shops ask. It says that it is typical in its name.
 */
public final class TypicalBattery {
  /** Over what the maker asks, as batteries that are sold for a machine are; estimate. */
  private static final double MARGIN = 1.15;

  /** Reserve capacity of lead and of the rest (min/Ah): middle of plausibility.csv. */
  private static final double LEAD_MINUTES = 1.7;

  private static final double OTHER_MINUTES = 2.3;

  /** Sides of a case of no standard, for its volume (1); those of usual cases. */
  private static final double LENGTH_SHARE = 1.45;

  private static final double WIDTH_SHARE = 0.9;

  private static final double LEAST_AH = 1;

  /** Those for light aircraft cost so many times as much (1); estimate. */
  private static final double CERTIFIED = 3;

  private TypicalBattery() {}

  /** One of each chemistry that is made for starting; of each at all where nothing is cranked. */
  public static List<Label> of(Need need) {
    List<Label> labels = new ArrayList<>();
    EngineClass.Traits traits = need.engine().engineClass().traits();
    boolean small = traits.powersport() || traits.needsApproval();
    for (Chemistry chemistry : Chemistry.all()) {
      if ((!need.engine().turns() || chemistry.traits().madeForStarting())
          && (!small || chemistry.traits().madeSmall())) {
        labels.add(of(need, chemistry));
      }
    }
    return labels;
  }

  /** One of a chemistry. */
  public static Label of(Need need, Chemistry chemistry) {
    double wanted = ampHours(need, chemistry);
    CaseSize size = size(need, litres(need, chemistry, wanted));
    double held =
        Math.max(LEAST_AH, wanted * Math.min(1, size.litres() / litres(need, chemistry, wanted)));
    double minutes = held * (chemistry.isLead() ? LEAD_MINUTES : OTHER_MINUTES);
    UsualBattery usual = UsualBattery.of(need.engine(), chemistry);
    double amps = held * usual.coldCrankingAmps() / usual.ampHours();
    return new Label(
        "Typical " + chemistry.shortName(),
        chemistry,
        CrankingRating.cca(Math.min(CrankingRating.AMPS.most(), Math.max(1, amps))),
        Optional.of(typical(held, Unit.AMPERE_HOUR)),
        Optional.of(typical(Math.min(2000, Math.max(1, minutes)), Unit.MINUTE)),
        Optional.of(typical(UsualBattery.massKg(need.engine(), chemistry, held), Unit.KILOGRAM)),
        size,
        need.tray().map(Tray::positiveSide).orElse(TerminalSide.RIGHT),
        Given.assumed(price(need, chemistry, held), Unit.MONEY, "about what shops ask"),
        build(need),
        chemistry.isLead()
            ? Sheet.SILENT
            : new Sheet(Label.CAPACITY_HOURS, List.of(), ProtectionClaim.BUILT_IN, false, true));
  }

  private static double price(Need need, Chemistry chemistry, double ampHours) {
    double pieces = Math.max(1, need.engine().series());
    double usual =
        pieces
            * chemistry
                .usualMake(UsualBattery.plates(need.engine(), chemistry, ampHours))
                .price()
                .of(ampHours);
    return need.engine().engineClass().traits().needsApproval() ? CERTIFIED * usual : usual;
  }

  static Build build(Need need) {
    return new Build(need.engine().nominalVolts(), Optional.empty());
  }

  private static Given typical(double value, Unit unit) {
    return Given.assumed(value, unit, "typical of its chemistry");
  }

  private static double ampHours(Need need, Chemistry chemistry) {
    MakersMinimum minimum = need.minimum();
    UsualBattery usual = UsualBattery.of(need.engine(), chemistry);
    double ampHours = usual.ampHours();
    if (need.engine().turns() && !minimum.crankingAmps().isAssumed()) {
      double cca =
          MARGIN
              * minimum.crankingAmps().value()
              / Math.sqrt(minimum.test().trade().low() * minimum.test().trade().high());
      ampHours *= cca / usual.coldCrankingAmps();
    }
    double reserve =
        minimum
            .reserveMinutes()
            .map(
                asked ->
                    MARGIN * asked.value() / (chemistry.isLead() ? LEAD_MINUTES : OTHER_MINUTES))
            .orElse(0.0);
    double asked = minimum.ampHours().map(each -> MARGIN * each.value()).orElse(0.0);
    double wanted = Math.max(ampHours, Math.max(reserve, asked));
    return Math.max(LEAST_AH, Math.min(most(need, chemistry), wanted));
  }

  /** Largest that is one battery at all (Ah): what a label may say, and a mass that is lifted. */
  private static double most(Need need, Chemistry chemistry) {
    return Math.min(
        Label.CAPACITY.most(),
        Label.MASS.most()
            * chemistry.usualMake(Plates.STANDARD).ampHoursPerKg()
            / need.engine().series());
  }

  private static double litres(Need need, Chemistry chemistry, double ampHours) {
    double kg = UsualBattery.massKg(need.engine(), chemistry, ampHours);
    return 1000 * kg / chemistry.circuit().densityKgPerM3();
  }

  /** The smallest standard case that holds it and goes in; else the largest that goes in. */
  private static CaseSize size(Need need, double litres) {
    List<CaseCode> cases =
        need.tray().map(Tray::standardCases).orElse(CaseCode.all()).stream()
            .sorted(Comparator.comparingDouble(each -> each.size().litres()))
            .toList();
    Optional<CaseSize> holding =
        cases.stream().map(CaseCode::size).filter(each -> each.litres() >= litres).findFirst();
    if (holding.isPresent() && holding.get().litres() < 2 * litres) {
      return holding.get();
    }
    CaseSize own = own(litres);
    return need.tray().map(tray -> within(own, tray.space())).orElse(own);
  }

  private static CaseSize own(double litres) {
    double side = Math.cbrt(litres * 1e6 / (LENGTH_SHARE * WIDTH_SHARE));
    return new CaseSize(whole(side * LENGTH_SHARE), whole(side * WIDTH_SHARE), whole(side));
  }

  private static CaseSize within(CaseSize size, CaseSize space) {
    return new CaseSize(
        Math.min(size.lengthMm(), space.lengthMm()),
        Math.min(size.widthMm(), space.widthMm()),
        Math.min(size.heightMm(), Math.max(20, space.heightMm() - 6)));
  }

  private static double whole(double mm) {
    return Math.max(20, Math.min(1000, Math.rint(mm)));
  }
}
