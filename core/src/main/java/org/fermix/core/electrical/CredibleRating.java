package org.fermix.core.electrical;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.fermix.core.label.BelievedRatio;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.Word;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Spread;
import org.fermix.core.rating.CrankingTest;

/**
 * The cranking rating a label is believed to have. Several printed ones are weighed together. Lead
 * ratings are believed up to the most any battery of the chemistry holds for each ampere-hour.
 * Lithium and sodium labels follow no standard: theirs are read as what such figures usually turn
 * out to mean, with the doubt that is left.
 *
 * @param rating the printed one, or what is believed instead, by SAE J537
 * @param asPrinted false when less is believed than is printed
 * @param sigma standard deviation of ln(resistance) that comes of it (1)
 * @param takenShare share of the rating that rank and gates take, so that a bold label gains
 *     nothing; 1 where labels follow a standard
 */
public record CredibleRating(
    CrankingRating rating, boolean asPrinted, double sigma, double takenShare) {
  /** All of it is taken. */
  private CredibleRating(CrankingRating rating, boolean asPrinted, double sigma) {
    this(rating, asPrinted, sigma, 1);
  }

  /** Less than this is believed: then it is not as printed. */
  private static final double CLEARLY_LESS = 0.9;

  /** Apart by more, two ratings do not mean one battery (standard deviations). */
  private static final double DISAGREE_SIGMAS = 2;

  /** Reads a label. */
  public static CredibleRating of(Label label) {
    return calibrate(label).rating();
  }

  /**
   * Reads a label whose circuit may be known already; it is asked for only where the rating is not
   * by SAE J537.
   */
  public static CredibleRating of(Label label, Supplier<BatteryCircuit> circuit) {
    if (!label.sheet().otherRatings().isEmpty()) {
      return weighed(label).by(label);
    }
    if (BelievedRatio.appliesTo(label.chemistry())) {
      return believed(label, coldAmps(label)).by(label);
    }
    if (!label.cranking().test().equals(CrankingTest.COLD_CRANKING)) {
      // The circuit's own doubt has the word's in it already.
      double amps = circuit.get().ratedAmps(CrankingTest.COLD_CRANKING);
      return new CredibleRating(
          CrankingRating.cca(printable(amps)), true, circuit.get().resistanceSigma());
    }
    double most = mostColdAmps(label);
    return (label.cranking().amps() <= most
            ? new CredibleRating(label.cranking(), true, Spread.RESISTANCE.sigma())
            : capped(most, Spread.RESISTANCE.sigma()))
        .by(label);
  }

  /**
   * What is believed of a label by a test: the one figure of it that every page shows and every
   * gate takes. Printed by that very test and believed, it is as printed; else what the circuit
   * gives in that test, and no milder test makes a protection pass more than it says.
   */
  public static CrankingRating by(CrankingTest asked, Label label) {
    Calibrated calibrated = calibrate(label);
    return by(asked, label, calibrated.rating(), calibrated::circuit);
  }

  /** The same where the rating is known already, and the circuit is asked for only if needed. */
  public static CrankingRating by(
      CrankingTest asked, Label label, CredibleRating believed, Supplier<BatteryCircuit> circuit) {
    List<CrankingRating> printed = label.printedRatings();
    Optional<CrankingRating> same =
        printed.stream()
            .filter(each -> each.test().equals(asked))
            .filter(each -> believed.asPrinted())
            .findFirst();
    if (printed.size() == 1 && same.isPresent()) {
      return same.get();
    }
    double restated =
        believed.rating().test().equals(asked)
            ? believed.rating().amps()
            : circuit.get().ratedAmps(asked);
    double amps =
        Protection.of(label).map(each -> Math.min(restated, each.mostA())).orElse(restated);
    return same.filter(
            each -> Math.abs(Math.log(each.amps() / amps)) < Band.SIGMAS * believed.sigma())
        .orElse(new CrankingRating(printable(amps), asked));
  }

  /**
   * Printed ratings that do not mean the same battery: each with what it comes to by SAE J537 (A),
   * least first; empty where they agree within what their tests scatter by.
   */
  public static List<Meant> disagreeing(Label label) {
    List<Meant> meant =
        label.printedRatings().stream()
            .map(each -> new Meant(each, coldAmps(label, each)))
            .sorted(Comparator.comparingDouble(Meant::coldCrankingAmps))
            .toList();
    double scatter = Spread.RESISTANCE.sigma();
    for (Meant each : meant) {
      scatter = Math.hypot(scatter, each.printed().test().trade().sigma());
    }
    double apart =
        Math.log(meant.get(meant.size() - 1).coldCrankingAmps() / meant.get(0).coldCrankingAmps());
    return apart > DISAGREE_SIGMAS * scatter ? meant : List.of();
  }

  /**
   * A printed rating and what it comes to.
   *
   * @param coldCrankingAmps by SAE J537, before it is doubted (A)
   */
  public record Meant(CrankingRating printed, double coldCrankingAmps) {}

  /** A label's circuit with the rating it was calibrated from. */
  record Calibrated(CredibleRating rating, BatteryCircuit circuit) {}

  static Calibrated calibrate(Label label) {
    Calibrated printed = calibrateAsPrinted(label);
    if (label.build().word() == Word.PRINTED) {
      return printed;
    }
    CredibleRating rating = printed.rating().by(label);
    return new Calibrated(rating, printed.circuit().knownWithin(rating.sigma()));
  }

  /** The same with the doubt of whose word the figures are. */
  private CredibleRating by(Label label) {
    return new CredibleRating(
        rating, asPrinted, Math.hypot(sigma, label.build().word().sigma()), takenShare);
  }

  private static Calibrated calibrateAsPrinted(Label label) {
    if (!label.sheet().otherRatings().isEmpty()) {
      return calibrated(label, weighed(label));
    }
    CrankingRating printed = label.cranking();
    if (BelievedRatio.appliesTo(label.chemistry())) {
      return calibrated(label, believed(label, coldAmps(label)));
    }
    double mostCca = mostColdAmps(label);
    double sigma = Spread.RESISTANCE.sigma();
    if (printed.test().equals(CrankingTest.COLD_CRANKING)) {
      return calibrated(
          label,
          printed.amps() <= mostCca
              ? new CredibleRating(printed, true, sigma)
              : capped(mostCca, sigma));
    }
    double wider = Math.hypot(sigma, printed.test().trade().sigma());
    return BatteryCircuit.calibratedIfPossible(label, printed)
        .filter(circuit -> circuit.ratedAmps(CrankingTest.COLD_CRANKING) <= mostCca)
        .map(
            circuit ->
                new Calibrated(
                    new CredibleRating(printed, true, wider), circuit.knownWithin(wider)))
        .orElseGet(() -> calibrated(label, capped(mostCca, sigma)));
  }

  private static Calibrated calibrated(Label label, CredibleRating rating) {
    return new Calibrated(
        rating, BatteryCircuit.calibrated(label, rating.rating()).knownWithin(rating.sigma()));
  }

  /**
   * What several printed ratings say together: each restated to SAE J537 and weighed by how its
   * test scatters; where they disagree by more than that, the doubt is as large as they disagree.
   */
  private static CredibleRating weighed(Label label) {
    List<CrankingRating> all = label.printedRatings();
    double weights = 0;
    double sum = 0;
    double squares = 0;
    for (CrankingRating rating : all) {
      double cold = Math.log(coldAmps(label, rating));
      double sigma = Math.hypot(Spread.RESISTANCE.sigma(), rating.test().trade().sigma());
      double weight = 1 / (sigma * sigma);
      weights += weight;
      sum += weight * cold;
      squares += weight * cold * cold;
    }
    double mean = sum / weights;
    double apart = Math.sqrt(Math.max(0, squares / weights - mean * mean));
    double amps = Math.exp(mean);
    if (BelievedRatio.appliesTo(label.chemistry())) {
      CredibleRating believed = believed(label, amps);
      return new CredibleRating(
          believed.rating(),
          believed.asPrinted(),
          Math.max(believed.sigma(), apart),
          believed.takenShare());
    }
    double sigma = Math.max(Spread.RESISTANCE.sigma(), apart);
    double most = mostColdAmps(label);
    return amps > most
        ? capped(most, sigma)
        : new CredibleRating(
            CrankingRating.cca(printable(amps)),
            all.stream().allMatch(each -> amps >= CLEARLY_LESS * coldAmps(label, each)),
            sigma);
  }

  /** What the printed rating comes to by SAE J537, before it is doubted (A). */
  private static double coldAmps(Label label) {
    return coldAmps(label, label.cranking());
  }

  private static double coldAmps(Label label, CrankingRating printed) {
    return printed.test().equals(CrankingTest.COLD_CRANKING)
        ? printed.amps()
        : BatteryCircuit.calibratedIfPossible(label, printed)
            .map(circuit -> circuit.ratedAmps(CrankingTest.COLD_CRANKING))
            .orElse(printed.amps());
  }

  /**
   * What is believed of an unstandardised label.
   *
   * @param coldAmps the printed rating by SAE J537 (A)
   */
  static CredibleRating believed(Label label, double coldAmps) {
    double ampHours = label.capacity().value();
    double printed = coldAmps / ampHours;
    boolean stated = label.sheet().coldTestStated();
    BelievedRatio ratio = BelievedRatio.of(label.chemistry(), printed, stated);
    double taken = BelievedRatio.taken(label.chemistry(), printed, stated).ampsPerAmpHour();
    double amps = Math.min(mostColdAmps(label), printable(ratio.ampsPerAmpHour() * ampHours));
    return new CredibleRating(
        new CrankingRating(amps, CrankingTest.COLD_CRANKING),
        amps >= CLEARLY_LESS * coldAmps,
        Math.hypot(ratio.sigma(), Spread.RATIO_ITSELF.sigma()),
        Math.min(1, taken / ratio.ampsPerAmpHour()));
  }

  /** The most cold cranking amps believed of a label's capacity (A). */
  static double mostColdAmps(Label label) {
    return printable(label.chemistry().mostCcaPerAmpHour() * label.capacity().value());
  }

  private static double printable(double amps) {
    return Math.max(CrankingRating.AMPS.least(), Math.min(CrankingRating.AMPS.most(), amps));
  }

  private static CredibleRating capped(double mostCca, double sigma) {
    return new CredibleRating(
        new CrankingRating(mostCca, CrankingTest.COLD_CRANKING), false, sigma);
  }
}
