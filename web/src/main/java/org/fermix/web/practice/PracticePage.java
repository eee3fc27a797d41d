package org.fermix.web.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.quantity.Unit;
import org.fermix.standins.Practice;
import org.fermix.web.check.ReadingSheet;
import org.fermix.web.check.VerdictWords;
import org.fermix.web.shared.Display;

/**
 * A round of practice as it is shown.
 *
 * @param story what the machine's owner knows
 * @param result empty until the cause is named
 */
record PracticePage(
    String story,
    List<Taken> taken,
    List<Offer> offers,
    List<Offer> causes,
    String spent,
    List<Result> result) {
  /** A reading taken: what it showed. */
  record Taken(String title, String figures, String outcome) {}

  /** Something that can be chosen. */
  record Offer(String value, String words, String cost) {}

  /** How it ended. */
  record Result(String headline, boolean right, List<Path> paths, DoubtChart chart) {}

  /** One of the two paths compared. */
  record Path(String name, String sum, List<Row> rows) {}

  /** One reading on a path. */
  record Row(String title, String outcome, String doubt, String leading) {}

  static PracticePage of(Round round, Display display) {
    Practice practice = new Practice(round.seed());
    boolean lead = practice.story().chemistry().isLead();
    List<Practice.Step> own = practice.path(round.readings());
    List<Offer> offers =
        practice.readings().stream()
            .filter(kind -> !round.readings().contains(kind))
            .map(kind -> new Offer(slug(kind), ReadingSheet.title(kind, lead), cost(kind)))
            .toList();
    return new PracticePage(
        story(practice.story(), display),
        own.stream().map(step -> taken(step, lead, display)).toList(),
        offers,
        Arrays.stream(Cause.values())
            .filter(cause -> !lead || cause != Cause.PROTECTION)
            .map(
                cause ->
                    new Offer(cause.name().toLowerCase(Locale.ROOT), VerdictWords.cause(cause), ""))
            .toList(),
        sum(own),
        round.named().map(named -> List.of(result(practice, own, named, lead))).orElse(List.of()));
  }

  static String slug(ReadingKind kind) {
    return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static String story(Practice.Story story, Display display) {
    return String.format(
        Locale.ROOT,
        "Machine: %s, %s. Battery: %s, %s cold cranking, %s, %s old. Outside: %s.",
        story.engine().engineClass().name(),
        display.show(story.engine().displacementLitres(), Unit.LITRE).text(),
        story.chemistry().displayName(),
        display.show(story.ratedAmps(), Unit.AMPERE, 0).text(),
        display.show(story.ampHours(), Unit.AMPERE_HOUR, 0).text(),
        years(story.ageYears()),
        display.show(story.temperatureC(), Unit.CELSIUS, 0).text());
  }

  private static String years(double years) {
    return years < 1
        ? Math.max(1, Math.round(12 * years)) + " months"
        : String.format(Locale.ROOT, "%.1f years", years);
  }

  private static String cost(ReadingKind kind) {
    double minutes = kind.minutes();
    return minutes < 1 ? "at once" : minutes < 90 ? Math.round(minutes) + " min" : "overnight";
  }

  private static Taken taken(Practice.Step step, boolean lead, Display display) {
    String figures =
        step.reading().shown().stream()
            .map(
                shown ->
                    (shown.what().isEmpty() ? "" : shown.what() + " ")
                        + display.show(shown.value(), shown.unit(), shown.decimals()).text())
            .reduce((a, b) -> a + ", " + b)
            .orElse("");
    return new Taken(ReadingSheet.title(step.kind(), lead), figures, outcome(step));
  }

  private static String outcome(Practice.Step step) {
    return step.reading()
        .evidence()
        .map(evidence -> evidence.outcome().replace('_', ' '))
        .orElse("settles nothing");
  }

  private static String sum(List<Practice.Step> path) {
    double minutes = path.stream().mapToDouble(step -> step.kind().minutes()).sum();
    String readings = path.size() == 1 ? "1 reading" : path.size() + " readings";
    return readings
        + ", "
        + (minutes < 90
            ? Math.round(minutes) + " min"
            : String.format(Locale.ROOT, "%.1f h", minutes / 60));
  }

  private static Result result(
      Practice practice, List<Practice.Step> own, Cause named, boolean lead) {
    List<Practice.Step> best = practice.mostInformativePath();
    boolean right = named == practice.cause();
    String truth = VerdictWords.cause(practice.cause());
    String headline =
        right
            ? "Right: " + truth + "."
            : "It was: " + truth + ". You said: " + VerdictWords.cause(named) + ".";
    List<Path> paths = new ArrayList<>();
    paths.add(path("Your path", own, lead));
    paths.add(path("Most informative path", best, lead));
    return new Result(headline, right, paths, DoubtChart.of(practice.firstDoubtBits(), own, best));
  }

  private static Path path(String name, List<Practice.Step> steps, boolean lead) {
    return new Path(
        name,
        sum(steps),
        steps.stream()
            .map(
                step ->
                    new Row(
                        ReadingSheet.title(step.kind(), lead),
                        outcome(step),
                        String.format(Locale.ROOT, "%.2f", step.doubtBits()),
                        VerdictWords.cause(step.leading())
                            + " "
                            + Math.round(100 * step.sureness())
                            + " %"))
            .toList());
  }
}
