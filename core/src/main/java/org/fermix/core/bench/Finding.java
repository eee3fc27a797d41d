package org.fermix.core.bench;

/**
 * One fact behind a gate's mark, with its figures and without prose.
 *
 * @param found what the candidate has, in the unit of the code
 * @param needed what is required, in the same unit
 * @param named the words of a document it is about; empty where there are none
 */
public record Finding(Code code, double found, double needed, String named) {
  /** About figures alone. */
  public Finding(Code code, double found, double needed) {
    this(code, found, needed, "");
  }

  /** What the finding is about, and the unit of its figures. */
  public enum Code {
    /** Too long; mm over the tray. */
    TOO_LONG,
    /** Too wide (mm). */
    TOO_WIDE,
    /** Too high (mm). */
    TOO_HIGH,
    /** Positive terminal on the wrong side. */
    WRONG_SIDE,
    /** The tray was not measured. */
    TRAY_NOT_MEASURED,
    /**
     * No tray was measured, and the case of today's battery, which is no smaller, stands for it.
     */
    AS_TODAYS,
    /** No tray was measured; larger than the case of today's battery by so much (mm). */
    LARGER_THAN_TODAYS,
    /** No tray was measured; its positive is not where that of today's battery is. */
    OTHER_SIDE_THAN_TODAYS,
    /** Goes in, so near over its terminals that they want a cover; found is what is free (mm). */
    COVER_TERMINALS,
    /** Goes in; found is the least spare on any side (mm). */
    GOES_IN,
    /** Goes in with play; found is the play lengthwise, needed widthwise (mm). */
    WANTS_SPACER,
    /** Goes in only turned half round; found is the least spare on any side (mm). */
    GOES_IN_TURNED,
    /** Goes in only across the tray; found is the least spare on any side (mm). */
    GOES_IN_ACROSS,
    /** Goes in only lying on its side, where its maker allows; found as above (mm). */
    GOES_IN_LYING,
    /** The leads meet its terminals only with an adapter. */
    WANTS_ADAPTER,
    /** No proper adapter joins the leads to its terminals. */
    NO_ADAPTER,
    /** Does not pass the way in; found is by how much (mm). */
    WAY_IN_TOO_NARROW,
    /** Passes the way in only tilted; a battery with free acid must not be. */
    ONLY_TILTED,
    /** Battery voltage; needed is the system's (V). */
    WRONG_VOLTAGE,
    /** Cold cranking amps (A). */
    CRANKING,
    /** The same of a label that follows no standard; too little even at the most (A). */
    CRANKING_AT_MOST,
    /** Of such a label: the minimum lies within its doubt (A). */
    CRANKING_IN_DOUBT,
    /** No minimum is typed; needed is the displacement rule, a remark (A). */
    CRANKING_NOT_ASKED,
    /** Nothing free over the terminals; needed is the least (mm). */
    NO_CLEARANCE,
    /** Its protection is stated. */
    PROTECTED,
    /** No protection is stated. */
    PROTECTION_NOT_STATED,
    /** It is said to have none. */
    NO_PROTECTION,
    /** Lithium of a kind that is not stated. */
    KIND_NOT_STATED,
    /** Reserve capacity (min). */
    RESERVE,
    /** Reserve capacity is not on the label; found is the circuit's own figure (min). */
    RESERVE_NOT_STATED,
    /** The maker states no minimum reserve. */
    RESERVE_NOT_ASKED,
    /** Ampere-hours at the 20-hour rate, as far as they are believed (Ah). */
    CAPACITY,
    /** Regulated volts below what charges it; needed is that voltage (V). */
    VOLTS_TOO_LOW,
    /** Charges but stays below full; needed is the voltage that fills it (V). */
    VOLTS_PARTLY,
    /** Within the window (V). */
    VOLTS_FULL,
    /** It fills, too low to balance its cells: found are the volts, needed those that balance. */
    VOLTS_FULL_UNBALANCED,
    /** Nobody has measured the regulator, and within what is usual of one it could fail (V). */
    VOLTS_NOT_MEASURED,
    /**
     * Fills, but takes no charge in the winter it is driven in unless it is heated or warmed; found
     * is the coldest month's mean, needed the least (°C).
     */
    LOCKED_IN_COLD,
    /** Above the usual window; needed is its upper end (V). */
    VOLTS_ABOVE_WINDOW,
    /** Above what it stands; needed is that limit (V). */
    VOLTS_TOO_HIGH,
    /** Current, cold and heat are within what it stands. */
    WITHIN_LIMITS,
    /** The starter wants more than its protection passes; needed is what it wants (A). */
    STARTER_ABOVE_PROTECTION,
    /**
     * The coldest start is colder than its kind may usually be discharged in; needed is that limit
     * (°C).
     */
    TOO_COLD_TO_DISCHARGE,
    /**
     * On a hot day its place gets hotter than its kind may usually be charged in; needed is that
     * limit (°C).
     */
    TOO_HOT_TO_CHARGE,
    /** A certified machine, a battery of another kind than its papers name, and no document. */
    APPROVAL_MISSING,
    /** An approval that covers this machine must exist, and none is entered. */
    APPROVAL_TO_BE_SHOWN,
    /** An experimental aircraft: its builder or owner decides and enters it. */
    EXPERIMENTAL_BASIS,
    /** No document entered speaks of its kind. */
    APPROVAL_NOT_ASKED,
    /** Meets every item of a document; found of needed. */
    APPROVED,
    /** The same, by a document nobody has looked up for a year. */
    APPROVED_LONG_AGO,
    /** Fails an item of a document, whose words are named; found is how many, of needed. */
    APPROVAL_FAILS,
    /** An item is not stated; found is how many are open, of needed. */
    APPROVAL_NOT_STATED,
    /** An item is stated in a way that settles nothing; as above. */
    APPROVAL_UNCLEAR,
    /** Fails an item of a list that does not claim to be the only one. */
    NOT_EVALUATED,
    /** A pack somebody built: for what runs with the engine off, not for starting. */
    SELF_BUILT,
    /** A house battery with its parts is a change by itself. */
    SECOND_BATTERY,
    /** The engine stops at lights: its maker wants enhanced flooded plates or a mat. */
    STOPS_AT_LIGHTS,
    /** Today’s is of a kind that engines are given that stop at lights; nobody said whether. */
    STOPS_NOT_SAID,
    /** The engine stops at lights and its battery is of mat: enhanced flooded is less. */
    LESS_THAN_TODAYS,
    /** Its own maker bars it from this kind of machine. */
    BARRED_HERE,
    /** Its own maker bars it from cranking. */
    BARRED_FROM_CRANKING,
    /** Its own maker bars it from an engine’s charging. */
    BARRED_FROM_ALTERNATOR,
    /** Its own maker’s limit: the coldest start is below it; needed is that limit (°C). */
    BELOW_STATED_COLD,
    /** Its own maker’s limit: its place gets hotter; needed is that limit (°C). */
    ABOVE_STATED_HEAT,
    /** The owner’s school: nothing but lead starts an engine. */
    SCHOOL_BARS_CRANKING,
    /** The owner’s school: nothing but lead straight on an alternator. */
    SCHOOL_BARS_ALTERNATOR,
    /** The owner’s school wants more regulated volts (V). */
    SCHOOL_WANTS_VOLTS,
    /** Price against the budget. */
    WITHIN_BUDGET,
    OVER_BUDGET,
    PRICE_NOT_KNOWN,
    /** Keeps a start back that its owner can call up. */
    KEEPS_A_START,
    /** Warns, and takes a boost from any other battery. */
    TAKES_A_BOOST,
    NO_RESCUE,
    IN_STOCK,
    NOT_IN_STOCK,
    STOCK_NOT_STATED,
    /** Year it has been sold since; needed is the latest that counts as proven. */
    SOLD_SINCE,
    PROVEN_KIND,
    SOLD_SINCE_NOT_STATED,
    NOTHING_TO_CHANGE,
    /** Years it is expected to last; needed is how long the machine is kept (y). */
    EXPECTED_LIFE
  }
}
