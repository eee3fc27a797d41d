package org.fermix.web.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.check.Suspect;
import org.fermix.core.diagnosis.Diagnosis;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.Verdict;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/** The Check stop as it is shown. */
record CheckPage(
    String headline,
    String tone,
    String sure,
    String doNow,
    String also,
    String safety,
    List<String> rests,
    List<String> contradicted,
    String next,
    FaultPath path,
    Optional<RecoveryPlan> recovery,
    List<EarlyWords.Reason> early,
    List<Taken> taken,
    List<Asked> asked,
    List<Asked> askedLater,
    List<Asked> cannot,
    List<Entry> history,
    String assumed,
    String draft) {

  private static final double LEAST_DOUBT_BITS = 0.01;

  /** A reading that counts. */
  record Taken(UUID id, String slug, String title, String when, String words, String instrument) {}

  /** A reading that could be taken. */
  record Asked(String slug, String title, String why, String time, String worth, String bar) {}

  /** A withdrawn entry of the log. */
  record Entry(UUID id, String title, String when, String words) {}

  static CheckPage of(Checks.State state, List<Reading> all, Display display) {
    boolean lead = state.suspect().chemistry().isLead();
    Verdict verdict = state.verdict();
    boolean started = state.isStarted();
    return new CheckPage(
        VerdictWords.headline(verdict, started),
        tone(verdict, started),
        started
            ? (verdict.settled() ? "Settled: " : "So far: ")
                + VerdictWords.cause(verdict.cause())
                + ", "
                + FaultPath.percent(verdict.sureness())
                + " likely."
            : "",
        VerdictWords.doNow(verdict, started),
        VerdictWords.also(verdict),
        started ? display.words(VerdictWords.safety(verdict, lead)) : "",
        verdict.rests().stream()
            .limit(4)
            .map(support -> VerdictWords.evidence(support.evidence(), lead))
            .toList(),
        verdict.contradicted().stream()
            .map(support -> VerdictWords.evidence(support.evidence(), lead))
            .toList(),
        verdict.settled() && !verdict.guards().isEmpty()
            ? VerdictWords.guard(verdict).strip()
            : state.next().stream()
                .findFirst()
                .filter(next -> verdict.next().isPresent())
                .map(next -> next(next, verdict.settled(), lead))
                .orElse(""),
        FaultPath.of(state),
        RecoveryPlan.of(state, display),
        EarlyWords.of(state),
        state.counting().stream().map(judged -> taken(judged, lead, display)).toList(),
        state.helpful().stream()
            .map(next -> asked(next, state.diagnosis().doubtBits(), lead))
            .toList(),
        state.next().stream()
            .filter(next -> !state.helpful().contains(next))
            .map(next -> asked(next, state.diagnosis().doubtBits(), lead))
            .toList(),
        all.stream()
            .filter(reading -> reading.isCannot() && !reading.isWithdrawn())
            .filter(reading -> reading.kind().appliesTo(state.suspect().chemistry()))
            .map(
                reading ->
                    new Asked(
                        slug(reading.kind()),
                        ReadingSheet.of(reading.kind(), lead).title(),
                        reading.id().toString(),
                        "",
                        "",
                        ""))
            .toList(),
        history(all, state.suspect(), display),
        assumed(state.suspect(), display),
        "");
  }

  /** The same, said to be of a reading that is only typed yet. */
  CheckPage drafted(String words) {
    return new CheckPage(
        headline,
        tone,
        sure,
        doNow,
        also,
        safety,
        rests,
        contradicted,
        next,
        path,
        recovery,
        early,
        taken,
        asked,
        askedLater,
        cannot,
        history,
        assumed,
        words);
  }

  private static String tone(Verdict verdict, boolean started) {
    if (!started || !verdict.settled()) {
      return "is-open";
    }
    return verdict.action().saysDoNotBuy() ? "is-wait" : "is-buy";
  }

  private static String next(Diagnosis.Next next, boolean settled, boolean lead) {
    String title = ReadingSheet.of(next.kind(), lead).title();
    if (settled) {
      return title + " would tell most of what is left: whether something else is wrong as well.";
    }
    if (next.kind() == ReadingKind.SYMPTOM) {
      return title + " comes first.";
    }
    return title
        + " would help most: it settles the matter in "
        + Math.round(100 * next.settles())
        + " cases of 100.";
  }

  private static Taken taken(Checks.Judged judged, boolean lead, Display display) {
    Reading reading = judged.reading();
    return new Taken(
        reading.id(),
        slug(reading.kind()),
        ReadingSheet.of(reading.kind(), lead).title(),
        display.moment(reading.takenAt()) + (reading.isCorrection() ? ", corrected" : ""),
        judged.judgement().words(),
        reading.instrument());
  }

  private static Asked asked(Diagnosis.Next next, double doubtBits, boolean lead) {
    ReadingSheet sheet = ReadingSheet.of(next.kind(), lead);
    double minutes = next.kind().minutes();
    String time =
        minutes < 1
            ? "at once"
            : minutes < 90
                ? Math.round(minutes) + " min"
                : minutes < 8 * 60 ? "about " + Math.round(minutes / 60) + " h" : "overnight";
    return new Asked(
        slug(next.kind()),
        sheet.title(),
        sheet.why(),
        time,
        worth(next.gainBits() / Math.max(LEAST_DOUBT_BITS, doubtBits)),
        Scale.percent(100 * Math.min(1, next.gainBits() / Math.max(LEAST_DOUBT_BITS, doubtBits))));
  }

  /** How much of the doubt that is left a reading is expected to take away. */
  private static String worth(double share) {
    if (share >= 0.75) {
      return "nearly settles it";
    }
    if (share >= 0.4) {
      return "halves the doubt";
    }
    if (share >= 0.2) {
      return "takes a quarter of the doubt";
    }
    return share >= 0.07 ? "takes a tenth of the doubt" : "tells little";
  }

  private static List<Entry> history(List<Reading> all, Suspect suspect, Display display) {
    List<Entry> entries = new ArrayList<>();
    for (Reading reading : all) {
      if (reading.isWithdrawn()) {
        entries.add(
            new Entry(
                reading.id(),
                ReadingSheet.of(reading.kind(), suspect.chemistry().isLead()).title(),
                display.moment(reading.takenAt()),
                reading.isCannot()
                    ? "could not be taken"
                    : Judgement.of(reading.kind(), reading.facts(), suspect, display).words()));
      }
    }
    return entries;
  }

  private static String assumed(Suspect suspect, Display display) {
    Optional<String> name = suspect.today().map(today -> today.label().name());
    return name.map(each -> "Judged as " + each + ", " + suspect.chemistry().displayName() + ".")
        .orElseGet(
            () ->
                "Today’s battery is not described yet: "
                    + suspect.chemistry().displayName()
                    + " is assumed, and rules that go by its size take "
                    + display.show(suspect.ampHours(), Unit.AMPERE_HOUR, 0).text()
                    + ", usual for such an engine.");
  }

  static String slug(ReadingKind kind) {
    return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  static Optional<ReadingKind> kind(String slug) {
    for (ReadingKind kind : ReadingKind.values()) {
      if (ReadingSheet.isTyped(kind) && slug(kind).equals(slug)) {
        return Optional.of(kind);
      }
    }
    return Optional.empty();
  }
}
