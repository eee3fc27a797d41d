package org.fermix.web.check;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.ReadingLimits;
import org.fermix.core.diagnosis.VoltageDrop;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.NotHere;

/**
 * How one reading is asked for: what to type, how to take it, and what to beware of.
 *
 * @param title as a heading
 * @param why what it is good for
 * @param how steps, in order
 * @param caution shown beside the step; empty where nothing can hurt
 * @param drawing which drawing shows where the probes go; empty for none
 * @param turnsEngine true where an outboard needs its water first
 */
public record ReadingSheet(
    ReadingKind kind,
    String title,
    String why,
    List<String> how,
    String caution,
    String drawing,
    boolean turnsEngine,
    List<Field> fields) {
  /** Tries that can be noted. */
  static final int TRIES = 3;

  /** Fuses that can be noted with a drain. */
  static final int FUSES = 4;

  static final String SPARKS =
      "Batteries give off hydrogen: no sparks or flame. Take rings and watch off.";
  static final String CRANKING =
      "Keep hands, hair and clothes from belts and fan; out of gear, brake on. Ten seconds at most,"
          + " then a minute’s rest.";
  private static final Map<ReadingKind, ReadingSheet> LEAD = all(true);
  private static final Map<ReadingKind, ReadingSheet> OTHER = all(false);

  static ReadingSheet of(ReadingKind kind) {
    return of(kind, true);
  }

  /** What a kind of reading is called. */
  public static String title(ReadingKind kind, boolean lead) {
    return of(kind, lead).title();
  }

  static ReadingSheet of(ReadingKind kind, boolean lead) {
    // A reading taken before the chemistry was corrected keeps the sheet it was taken by.
    ReadingSheet sheet = (lead ? LEAD : OTHER).get(kind);
    ReadingSheet other = (lead ? OTHER : LEAD).get(kind);
    if (sheet == null && other == null) {
      throw new NotHere("reading");
    }
    return sheet == null ? Objects.requireNonNull(other) : sheet;
  }

  /** True for readings an owner types; age and need are worked out. */
  static boolean isTyped(ReadingKind kind) {
    return LEAD.containsKey(kind) || OTHER.containsKey(kind);
  }

  /** The words of a choice of the field called outcome. */
  String choiceWords(String value) {
    return fields.stream()
        .filter(field -> field.name().equals("outcome"))
        .flatMap(field -> field.choices().stream())
        .filter(choice -> choice.value().equals(value))
        .map(Field.Choice::label)
        .findFirst()
        .orElse(value);
  }

  private static Map<ReadingKind, ReadingSheet> all(boolean lead) {
    Map<ReadingKind, ReadingSheet> all = new EnumMap<>(ReadingKind.class);
    add(
        all,
        ReadingKind.SYMPTOM,
        "What it does",
        "The symptom alone often halves the causes.",
        List.of("Say what happens when the key is turned or the button pressed."),
        "",
        "",
        false,
        and(
            symptoms(),
            Field.number("temperature", "Temperature then", ReadingLimits.TEMPERATURE)
                .withHelp(
                    "Of engine and battery when it failed. Whether it is too small for the engine is"
                        + " judged there, and only where it is said.")));
    add(
        all,
        ReadingKind.REST_VOLTS,
        "Rest voltage",
        lead
            ? "Tells how full a lead battery is, once its surface charge is gone."
            : "On lithium it tells an open protection or an empty battery, and little between.",
        List.of(
            "Everything off, machine unused for four hours; or headlamps on for three minutes, off,"
                + " and wait five.",
            "Meter on 20 V DC, red on the positive post, black on the negative; on the posts, not"
                + " the clamps."),
        SPARKS,
        "posts",
        false,
        List.of(
            Field.number("volts", "Voltage at the posts", ReadingLimits.VOLTS).needed(),
            Field.number("rested", "Rested for", ReadingLimits.RESTED)
                .withHelp("Hours since it was charged or driven.")
                .needed(),
            yesNo("surface", "Surface charge taken off")
                .withHelp("Headlamps three minutes, or a short heavy load."),
            temperature(),
            Field.text("charger", "Charged by", 60)
                .withHelp("Charger or drive, so that the next battery is charged alike.")));
    add(
        all,
        ReadingKind.CRANKING_VOLTS,
        "Voltage while cranking",
        "High with a slow starter points away from the battery; a collapse points to it.",
        List.of(
            "Leave the meter on the posts, have someone turn the key for three to five seconds.",
            "Read the lowest steady figure."),
        CRANKING,
        "posts",
        true,
        List.of(
            Field.number("volts", "Lowest steady voltage", ReadingLimits.VOLTS).needed(),
            temperature()));
    add(
        all,
        ReadingKind.LOOK,
        "A look at the clamps",
        "Loose or furred clamps and thin makeshift leads cost more starts than batteries do.",
        List.of("Try to twist each clamp by hand. Look under it and at the earth strap."),
        "White or blue fur is acid: goggles and gloves.",
        "",
        false,
        outcome(
            "What you find",
            "clean",
            "clean and tight",
            "loose_or_dirty",
            "loose, furred or makeshift"));
    add(
        all,
        ReadingKind.CABLE_DROP,
        "Voltage lost along the leads",
        "Measures the connection itself, while the current flows. Fill what you could measure.",
        List.of(
            "Meter on 2 V DC, one probe at each end of the part.",
            "Read while someone cranks for three seconds; one part after another."),
        CRANKING,
        "cable",
        true,
        VoltageDrop.Place.all().stream()
            .map(place -> Field.number(place.id(), place.name(), ReadingLimits.DROP))
            .toList());
    add(
        all,
        ReadingKind.CHARGING_VOLTS,
        "Charging voltage",
        "A regulator that gives too little or too much kills the next battery too.",
        List.of(
            "Engine running and warm, meter on the posts.",
            "Read at idle, at fast idle, and with lamps and blower on."),
        "Never take a lead off while the engine runs. " + CRANKING,
        "posts",
        true,
        List.of(
            Field.number("idle", "At idle", ReadingLimits.VOLTS),
            Field.number("fast", "At fast idle", ReadingLimits.VOLTS).needed(),
            Field.number("loaded", "With loads on", ReadingLimits.VOLTS),
            temperature()));
    List<Field> drain = new ArrayList<>();
    drain.add(Field.number("milliamps", "Drain, all fuses in", ReadingLimits.DRAIN).needed());
    drain.add(
        Field.number("asleep", "Asleep for", ReadingLimits.ASLEEP)
            .withHelp("Minutes since the last door, lamp or key.")
            .needed());
    for (int i = 1; i <= FUSES; i++) {
      drain.add(Field.text("fuse" + i, "Fuse pulled, " + i, 40));
      drain.add(Field.number("after" + i, "Drain with it out, " + i, ReadingLimits.DRAIN));
    }
    add(
        all,
        ReadingKind.DRAIN,
        "Drain with everything off",
        "Finds what empties it while parked; with fuses pulled one by one, where.",
        List.of(
            "Key away, bonnet latch closed with a screwdriver. Bridge with a lead before you"
                + " open the circuit, so that nothing wakes.",
            "Ammeter on 10 A in series at the negative post; wait twenty minutes, then read.",
            "If it is too much, pull one fuse after another and note each fall."),
        "Never crank or switch on with the ammeter in series. " + SPARKS,
        "series",
        false,
        drain);
    if (lead) {
      add(
          all,
          ReadingKind.TESTER,
          "Electronic tester",
          "Estimates the cranking amps left; shops do it free of charge.",
          List.of("Charge fully first. Set the rating and its test as on the label, then read."),
          SPARKS,
          "posts",
          false,
          List.of(
              Field.number("shown", "Cranking amps shown", ReadingLimits.SHOWN).needed(),
              Field.number("set", "Rating set on it", CrankingRating.AMPS).needed(),
              Field.choice(
                  "test",
                  "Its test",
                  CrankingTest.all().stream()
                      .map(test -> new Field.Choice(test.id(), test.label()))
                      .toList()),
              yesNo("charged", "Fully charged before").needed()));
    }
    add(
        all,
        ReadingKind.LOAD_TEST,
        lead ? "Load test" : "Load pulses",
        lead
            ? "Half the rated cold cranking amps for 15 s: the oldest proof there is."
            : "One to three heavy loads of 15 s, judged against its own label.",
        List.of(
            lead
                ? "Charge fully and rest. Draw half the rated amps for 15 s and read just before letting go."
                : "Charge fully and rest. Draw the current for 15 s and read just before letting go; wait a"
                    + " minute and do it again, up to three times."),
        "The load gets hot and sparks at the clamps: connect it switched off. " + SPARKS,
        "posts",
        false,
        lead
            ? List.of(
                Field.number("volts", "Voltage at 15 s", ReadingLimits.VOLTS).needed(),
                yesNo("charged", "Fully charged before").needed(),
                Field.number("amps", "Current drawn, if not half the rating", ReadingLimits.PULSE)
                    .withHelp("Judged against its own label then, as described in the line-up."),
                Field.number("volts2", "Of a second load, a minute later", ReadingLimits.VOLTS),
                Field.number("volts3", "Of a third", ReadingLimits.VOLTS),
                Field.number("before", "Rested before", Unit.VOLT, 1, 40),
                Field.number("after", "Rested after the last", Unit.VOLT, 1, 40),
                temperature())
            : List.of(
                Field.number("amps", "Current drawn", ReadingLimits.PULSE).needed(),
                Field.number("volts", "Voltage at the end of the first, 15 s", ReadingLimits.VOLTS)
                    .needed(),
                Field.number("volts2", "Of the second, a minute later", ReadingLimits.VOLTS),
                Field.number("volts3", "Of the third", ReadingLimits.VOLTS),
                Field.number("before", "Rested before", Unit.VOLT, 1, 40),
                Field.number("after", "Rested after the last", Unit.VOLT, 1, 40),
                temperature()));
    add(
        all,
        ReadingKind.AFTER_CHARGE,
        "Does it hold a charge?",
        "Charged fully, off the machine, rested overnight: a worn one falls by morning.",
        List.of(
            "Charge until the charger says full, disconnect, read after 12 hours.",
            "Fallen? Charge it once more and read again: two low mornings are a finding. What it"
                + " showed before the charge stays under “Rest voltage”."),
        SPARKS,
        "posts",
        false,
        lead
            ? List.of(
                Field.number("volts", "Voltage next morning", ReadingLimits.VOLTS).needed(),
                Field.number("again", "The same after a second charge", ReadingLimits.VOLTS)
                    .withHelp("Empty where it was charged once."))
            : outcome("Next morning", "holds", "it holds", "falls", "it has fallen"));
    if (lead) {
      List<Field> cells = new ArrayList<>();
      for (int i = 1; i <= 6; i++) {
        cells.add(Field.number("cell" + i, "Cell " + i, ReadingLimits.GRAVITY).needed());
      }
      cells.add(temperature());
      add(
          all,
          ReadingKind.GRAVITY,
          "Specific gravity",
          "Where the caps come off, it shows a failing cell at once.",
          List.of("Draw acid from each cell into the hydrometer and read at eye level."),
          "Acid: goggles, gloves, old clothes; water for fifteen minutes on any splash.",
          "",
          false,
          cells);
    }
    add(
        all,
        ReadingKind.LEFT_ON,
        "Left on, or stood for long?",
        "A lamp, a door, a radio or a long stand empties a sound battery.",
        List.of("Think back to the day before."),
        "",
        "",
        false,
        outcome("Was it", "yes", "yes", "no", "no"));
    add(
        all,
        ReadingKind.BOOST,
        "On another battery",
        "If it cranks no better on a good battery, the trouble is elsewhere.",
        List.of(
            lead
                ? "Boost it as its handbook says; red to red first, last black to bare metal of the engine."
                : "Use the battery maker’s own text; never from a vehicle with its engine running."),
        "Never boost a frozen, split or swollen battery. " + SPARKS,
        "",
        true,
        outcome(
            "On the other battery it", "cranks_well", "cranks well", "no_better", "is no better"));
    if (!lead) {
      add(
          all,
          ReadingKind.WAKE,
          "A charger that can wake it",
          "Only a charger with a wake function, or the battery’s own button, closes a protection.",
          List.of("Connect such a charger for some minutes, or press the button."),
          "Never wake lithium that was below 8 V for days, is swollen, or smells.",
          "posts",
          false,
          outcome("It", "wakes", "wakes", "stays_dead", "stays dead"));
    }
    return MoreReadings.added(all, lead);
  }

  static void add(
      Map<ReadingKind, ReadingSheet> all,
      ReadingKind kind,
      String title,
      String why,
      List<String> how,
      String caution,
      String drawing,
      boolean turnsEngine,
      List<Field> fields) {
    all.put(kind, new ReadingSheet(kind, title, why, how, caution, drawing, turnsEngine, fields));
  }

  static List<Field> outcome(String label, String... valuesAndLabels) {
    return List.of(Field.choice("outcome", label, choices(valuesAndLabels)).needed());
  }

  private static List<Field.Choice> choices(String... valuesAndLabels) {
    List<Field.Choice> choices = new ArrayList<>();
    for (int i = 0; i < valuesAndLabels.length; i += 2) {
      choices.add(new Field.Choice(valuesAndLabels[i], valuesAndLabels[i + 1]));
    }
    return choices;
  }

  /** What it does, and what else it does: an owner may have seen more than one thing. */
  private static List<Field> symptoms() {
    List<Field.Choice> does =
        choices(
            "rapid_click",
            "rapid clicking",
            "slow",
            "cranks slowly, laboured",
            "sticks",
            "turns a compression or two, then hangs at a later one",
            "nothing",
            "nothing at all",
            "only_with_boost",
            "starts only with a boost",
            "dead_after_parking",
            "fine before, dead after being parked",
            "sudden_loss",
            "full voltage, then nothing within a second",
            "died_after_charge",
            "died shortly after being charged",
            "reads_low",
            "starts, but a gauge reads low",
            "starts_well",
            "starts well; just asking");
    return List.of(
        Field.choice("outcome", "What happens", does).needed(),
        Field.choice("also", "And", does).withHelp("Only where it does more than one thing."),
        Field.choice("alsoThis", "And", does));
  }

  private static List<Field> and(List<Field> fields, Field another) {
    List<Field> all = new ArrayList<>(fields);
    all.add(another);
    return all;
  }

  static Field yesNo(String name, String label) {
    return Field.choice(
        name, label, List.of(new Field.Choice("yes", "yes"), new Field.Choice("no", "no")));
  }

  static Field temperature() {
    return Field.number("temperature", "Battery temperature", ReadingLimits.TEMPERATURE)
        .withHelp("Empty: 20 °C assumed.");
  }
}
