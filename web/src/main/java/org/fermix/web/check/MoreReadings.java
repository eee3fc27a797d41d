package org.fermix.web.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.ReadingLimits;
import org.fermix.core.machine.Driving;
import org.fermix.web.shared.Field;

/** Sheets of the readings that compare, follow or add up. */
final class MoreReadings {
  private MoreReadings() {}

  static Map<ReadingKind, ReadingSheet> added(Map<ReadingKind, ReadingSheet> all, boolean lead) {
    ReadingSheet.add(
        all,
        ReadingKind.TRIPS,
        "How it is driven",
        "A few minutes a day never fill a battery, however sound it is.",
        List.of("An ordinary day in the weeks before the trouble."),
        "",
        "",
        false,
        List.of(
            Field.number("starts", "Starts a day", Driving.STARTS_A_DAY).needed(),
            Field.number("minutes", "Each until it stops", Driving.TRIP).needed(),
            Field.number("air", "Air then", ReadingLimits.AIR)
                .withHelp("Empty: the mean of the year in your climate.")));
    ReadingSheet.add(
        all,
        ReadingKind.AFTER_TRY,
        "After a try that failed",
        "What the battery does in the next minute tells an empty one from a cut-off one.",
        List.of(
            "Meter on the posts. Try to start, at most ten seconds; count the seconds and note the"
                + " lowest voltage.",
            "Let go, read at once, and again a minute later."),
        ReadingSheet.CRANKING,
        "posts",
        true,
        tries());
    ReadingSheet.add(
        all,
        ReadingKind.CAPACITY,
        "Capacity run",
        "Run down under a known load: the ampere-hours it really has.",
        List.of(
            "Charge fully and rest. Connect a load of known current, best a twentieth of its"
                + " ampere-hours, lamps for example.",
            lead
                ? "Stop at 10.5 V under the load (half on 6 V, twice on 24 V), note the minutes, and"
                    + " charge it again at once."
                : "Stop at 12.0 V under the load (twice on 24 V), note the minutes, and charge it"
                    + " again at once."),
        "Stay with it: lamps and resistors get hot, and a battery left empty is harmed within a day. "
            + ReadingSheet.SPARKS,
        "",
        false,
        List.of(
            Field.number("amps", "Current drawn", ReadingLimits.RUN).needed(),
            Field.number("minutes", "Ran for", ReadingLimits.RUN_TIME).needed(),
            Field.number("end", "Voltage under the load at the end", ReadingLimits.VOLTS).needed(),
            ReadingSheet.yesNo("charged", "Fully charged before").needed(),
            ReadingSheet.temperature()));
    ReadingSheet.add(
        all,
        ReadingKind.TWO_WAYS,
        "Thin leads against a bolted joint",
        "Good through a bolted joint and bad through thin leads is a fault of the leads.",
        List.of(
            "Test through the thin leads or clips it is used with, and note the amps shown.",
            "Test again with the cable bolted to the post, or the tester’s clamps on the bare post."),
        ReadingSheet.SPARKS,
        "posts",
        false,
        List.of(
            Field.number("leads", "Shown through the thin leads", ReadingLimits.SHOWN).needed(),
            Field.number("bolt", "Shown through the bolted joint", ReadingLimits.SHOWN).needed()));
    if (!lead) {
      ReadingSheet.add(
          all,
          ReadingKind.FAULT_LIGHT,
          "Its own fault light",
          "Many lithium batteries say themselves what is wrong.",
          List.of("Press its button and compare the light or the code with its maker’s key."),
          "Hot, swollen, hissing or smelling: keep away, in the open, and call the fire service.",
          "",
          false,
          ReadingSheet.outcome(
              "By its maker’s key",
              "none",
              "no fault shown",
              "low",
              "charge or voltage too low",
              "high",
              "voltage too high",
              "temperature",
              "too hot or too cold",
              "cell",
              "a cell or its electronics"));
    }
    return all;
  }

  /** Of two 12 V batteries in series each by itself. */
  static List<Field> ofEach() {
    return List.of(
        Field.number("each1", "The first of two alone", ReadingLimits.VOLTS)
            .withHelp("Two 12 V batteries in series: read each; together they hide a weak one."),
        Field.number("each2", "The second alone", ReadingLimits.VOLTS));
  }

  private static List<Field> tries() {
    List<Field> fields = new ArrayList<>();
    String[] names = {"First try", "Second try", "Third try"};
    for (int i = 1; i <= ReadingSheet.TRIES; i++) {
      fields.add(Field.number("seconds" + i, names[i - 1] + ", cranked for", ReadingLimits.TRY));
      fields.add(
          Field.number("lowest" + i, names[i - 1] + ", lowest voltage", ReadingLimits.VOLTS));
    }
    fields.add(Field.number("once", "Voltage when the key is let go", ReadingLimits.VOLTS));
    fields.add(Field.number("minute", "A minute later", ReadingLimits.VOLTS).needed());
    return fields;
  }
}
