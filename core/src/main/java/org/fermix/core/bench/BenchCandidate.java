package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.fermix.core.charging.DailyBalance;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.cost.Ownership;
import org.fermix.core.cost.Renewals;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.electrical.Protection;
import org.fermix.core.electrical.WarmUp;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.life.Sulfation;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Seasons;
import org.fermix.core.machine.Stand;
import org.fermix.core.quantity.Figure;
import org.fermix.core.reserve.DischargeLaw;
import org.fermix.core.storage.Drain;
import org.fermix.core.storage.Storage;
import org.fermix.core.storage.ThermalLag;
import org.jspecify.annotations.Nullable;

/** One candidate on the bench: circuit calibrated and gates judged once, outcomes on demand. */
final class BenchCandidate {
  private static final double MONTHS = 12;
  private static final double DAYS_PER_YEAR = 365;

  /** Colder than this a warm-up is asked about (°C). */
  private static final double COLD_C = 5;

  /** Every so many months of the year are looked at for what driving does to a life. */
  private static final int LIFE_MONTH_STEP = 3;

  /** The charge of a month begins as this many months before would have left it. */
  private static final int MONTHS_BEFORE = 2;

  private final Need need;
  private final Policy policy;
  private final Candidate candidate;
  private final Label label;
  private final Chemistry chemistry;
  private final Plates plates;
  private final BatteryCircuit whenNew;
  private final Optional<Protection> protection;
  private final DischargeLaw law;
  private final double takenShare;
  private final ThermalLag lag;
  private final Seasons air;
  private final Seasons atRest;
  private final Seasons coldest;
  private final OrdinaryDay day;
  private final LifeEstimate life;
  private List<GateResult> gates;
  private final List<BenchCandidate> others;

  /** The part it plays beside a starter battery; empty for the one that starts. */
  private final Optional<Beside.Role> role;

  private final Optional<Double> expectedYearsSeen;

  /** The last answer: the age asked about and the years kept do not move it. */
  private volatile @Nullable Known known;

  private record Known(Conditions asked, Lasting lasting) {}

  /** Charge reached by month and capacity: asked for again and again. */
  private final Map<Day, Double> reached;

  private record Day(int month, double ampHours) {}

  BenchCandidate(Need need, Policy policy, Candidate candidate) {
    this(need, policy, candidate, Optional.empty());
  }

  /** One beside a starter battery. */
  private BenchCandidate(Need need, Policy policy, Candidate candidate, Beside.Role role) {
    this(
        need,
        policy,
        candidate,
        BatteryCircuit.of(candidate.label()),
        Gates.of(need, policy, candidate.label(), () -> BatteryCircuit.of(candidate.label())),
        Optional.empty(),
        Optional.of(role),
        new ConcurrentHashMap<>());
  }

  /**
   * Beside the battery in the machine now.
   *
   * @param today its label
   */
  BenchCandidate(Need need, Policy policy, Candidate candidate, Optional<Label> today) {
    this(need, policy, candidate, BatteryCircuit.of(candidate.label()), today);
  }

  private BenchCandidate(
      Need need,
      Policy policy,
      Candidate candidate,
      BatteryCircuit whenNew,
      Optional<Label> today) {
    this(
        need,
        policy,
        candidate,
        whenNew,
        Gates.of(need, policy, candidate.label(), () -> whenNew, today));
  }

  BenchCandidate(
      Need need,
      Policy policy,
      Candidate candidate,
      BatteryCircuit whenNew,
      List<GateResult> gates) {
    this(
        need,
        policy,
        candidate,
        whenNew,
        gates,
        Optional.empty(),
        Optional.empty(),
        new ConcurrentHashMap<>());
  }

  private BenchCandidate(
      Need need,
      Policy policy,
      Candidate candidate,
      BatteryCircuit whenNew,
      List<GateResult> gates,
      Optional<Double> expectedYearsSeen,
      Optional<Beside.Role> role,
      Map<Day, Double> reached) {
    this.reached = reached;
    this.expectedYearsSeen = expectedYearsSeen;
    this.need = need;
    this.policy = policy;
    this.candidate = candidate;
    this.label = candidate.label();
    this.chemistry = label.chemistry();
    this.whenNew = whenNew;
    this.role = role;
    others =
        candidate.beside().stream()
            .flatMap(beside -> beside.others().stream())
            .map(
                each ->
                    new BenchCandidate(
                        SecondBattery.need(need, each),
                        policy,
                        new Candidate(candidate.letter(), each.label(), candidate.ageYears()),
                        each.role()))
            .toList();
    plates =
        Plates.of(
            need.engine().engineClass().traits().powersport(),
            label.mass().value() / need.engine().series());
    protection = Protection.of(label);
    law = DischargeLaw.of(label, whenNew);
    takenShare =
        candidate.tested().crankingShare().isPresent()
            ? 1
            : CredibleRating.of(label, () -> whenNew).takenShare();
    lag = ThermalLag.of(chemistry, label.mass().value(), need.place());
    air = need.climate().seasons();
    atRest = air.in(need.use().layUp().place());
    coldest = coldestMonths();
    day =
        new OrdinaryDay(
            chemistry,
            plates,
            label.mass().value(),
            label.sheet().heated(),
            starts() ? OrdinaryDay.startAmpHours(need, whenNew, protection) : 0,
            carriesLoad() ? OrdinaryDay.engineOffAmpHours(need) : 0);
    LifeEstimate byModel = life(need.use().layUp().stand());
    life =
        byModel.isLostEachYear()
            ? byModel
            : byModel.seen(need.use().history(), expectedYearsSeen.orElse(byModel.years()));
    List<GateResult> all = new ArrayList<>(gates);
    all.removeIf(gate -> gate.gate() == Gate.LASTS);
    // How long it lasts is asked of itself, which has no gates until then.
    this.gates = List.copyOf(all);
    WishGates.lasting(need, () -> in(Conditions.of(need)).lastsYears()).ifPresent(all::add);
    this.gates =
        candidate.beside().isEmpty()
            ? List.copyOf(all)
            : Arranged.gates(
                need, candidate, all, others.stream().map(BenchCandidate::gates).toList());
  }

  /** The same, its life moved by how long the batteries its owner had lasted against the model. */
  BenchCandidate seen(double expectedYears) {
    return new BenchCandidate(
        need, policy, candidate, whenNew, gates, Optional.of(expectedYears), role, reached);
  }

  /** The same in a need that differs in the years kept alone. */
  BenchCandidate kept(Need other) {
    BenchCandidate kept =
        new BenchCandidate(
            other, policy, candidate, whenNew, gates, expectedYearsSeen, role, reached);
    kept.known = known;
    return kept;
  }

  /** What the model alone expects of its life (y). */
  double modelYears() {
    return life.years() / life.historyFactor();
  }

  LifeEstimate expectedLife() {
    return life;
  }

  /** What it was made of. */
  Candidate candidate() {
    return candidate;
  }

  String letter() {
    return candidate.letter();
  }

  List<GateResult> gates() {
    return gates;
  }

  boolean isToday() {
    return candidate.isToday();
  }

  boolean mayBeBought() {
    return !candidate.isToday() && gates.stream().noneMatch(gate -> gate.mark() == Mark.FAILS);
  }

  CandidateAnswer answer(Conditions conditions) {
    InConditions in = in(conditions);
    return new CandidateAnswer(
        candidate,
        gates,
        OutcomeFamily.figures(in),
        in.headline(),
        in.lasting().get().chanceAfter(1),
        Optional.of(in.layUp().lostAfter()).filter(this::isInLayUp));
  }

  Screening.Headline headline(Conditions conditions) {
    return in(conditions).headline();
  }

  CandidateCurves curves(Conditions conditions, Set<CandidateCurves.Kind> asked) {
    return OutcomeFamily.curves(in(conditions), asked);
  }

  Optional<WarmUp> warmUp(Conditions conditions, double amps, double seconds) {
    if (chemistry.isLead() || conditions.temperatureC() >= COLD_C) {
      return Optional.empty();
    }
    InConditions in = in(conditions);
    return in.chargeAtStart() <= in.circuit().lowestTrustedCharge()
        ? Optional.empty()
        : Optional.of(
            WarmUp.of(
                in.circuit(),
                ChargeState.rested(in.chargeAtStart(), conditions.temperatureC()),
                amps,
                seconds));
  }

  HowItFails failing(Conditions conditions, CandidateAnswer answer) {
    return HowItFails.of(in(conditions), answer);
  }

  CandidateFutures futures(Conditions conditions) {
    return new CandidateFutures(in(conditions));
  }

  /** Days parked until it no longer starts, were it left otherwise than it is. */
  Map<Stand.Way, Figure> standing(Conditions conditions) {
    Map<Stand.Way, Figure> ways = new EnumMap<>(Stand.Way.class);
    InConditions own = in(conditions);
    for (Stand.Way way : Stand.Way.values()) {
      boolean can =
          way != Stand.Way.RESERVE_ARMED || protection.filter(Protection::hasReserve).isPresent();
      if (can && way != conditions.stand().way()) {
        InConditions in = in(conditions.left(conditions.stand().left(way)));
        ways.put(way, new ParkedOutcomes(in.startingLike(own)).daysOnly());
      }
    }
    return ways;
  }

  /** True where it starts the engine, if only in need. */
  private boolean starts() {
    return role.map(SecondBattery::starts).orElse(true);
  }

  /** True where what runs with the engine off is fed from it, and the engine charges it. */
  private boolean carriesLoad() {
    return role.map(Beside.Role.HOUSE::equals)
        .orElse(candidate.beside().filter(each -> each.has(Beside.Role.HOUSE)).isEmpty());
  }

  InConditions in(Conditions conditions) {
    LifeEstimate expected = expected(conditions.stand());
    return in(
        conditions, expected, asItIs(conditions, expected), new Once<>(() -> lasting(conditions)));
  }

  private LifeEstimate expected(Stand stand) {
    if (stand.equals(need.use().layUp().stand())) {
      return life;
    }
    LifeEstimate other = life(stand);
    return other.isLostEachYear() || life.isLostEachYear() ? other : other.moved(life);
  }

  /** Today's battery is what it is; only years that are asked for are added to its age. */
  private AsItIs asItIs(Conditions conditions, LifeEstimate expected) {
    return AsItIs.of(
        candidate,
        whenNew,
        expected,
        candidate.isToday()
            ? conditions.age().yearsOn().orElse(0.0)
            : conditions.age().years(expected.years(), need.use().yearsKept().value()));
  }

  /**
   * How long it goes on doing what is asked: judged new and at the end of its life. One that was
   * tested is as far on as its test found.
   */
  private Lasting lasting(Conditions conditions) {
    Conditions asked = conditions.aged(JudgedAge.USUAL);
    // Read once: another request may ask of other conditions meanwhile.
    Known before = known;
    if (before != null && before.asked().equals(asked)) {
      return before.lasting();
    }
    LifeEstimate expected = expected(asked.stand());
    double healthAtEnd = expected.healthAt(expected.years());
    Lasting lasting =
        new Lasting(
            sureness(asked, expected, new AsItIs(1, 0, whenNew)),
            sureness(
                asked,
                expected,
                new AsItIs(healthAtEnd, expected.years(), whenNew.worn(healthAtEnd))),
            expected.years(),
            expected.pieceSigma(),
            candidate.ageYears());
    if (candidate.tested().isAny()) {
      double now = sureness(asked, expected, asItIs(asked, expected));
      lasting = lasting.aged(lasting.shareOfLifeAt(now) * expected.years());
    }
    known = new Known(asked, lasting);
    return lasting;
  }

  private double sureness(Conditions conditions, LifeEstimate expected, AsItIs battery) {
    return Asked.sureness(
        in(
            conditions,
            expected,
            battery,
            new Once<>(
                () -> {
                  throw new IllegalStateException("asked while it is worked out");
                })),
        starts());
  }

  private InConditions in(
      Conditions conditions, LifeEstimate expected, AsItIs battery, Once<Lasting> lasting) {
    double health = battery.health();
    BatteryCircuit circuit = battery.circuit();
    double ampHours = label.capacity().value() * health;
    int coldMonth = (int) Math.rint(need.climate().coldestMonth().value());
    DailyBalance winter = balance(coldMonth, ampHours);
    double reached = reached(coldMonth, ampHours);
    int layUpMonth = layUpMonth();
    Parked layUp =
        layUp(
            conditions.stand(),
            layUpMonth == coldMonth ? reached : reached(layUpMonth, ampHours),
            ampHours);
    Parked cold =
        need.layUpEndsInTheCold()
            ? layUp
            : parked(
                conditions.stand(),
                air,
                Math.floorMod((long) (coldMonth - 1), 12L) * Seasons.DAYS_PER_MONTH,
                reached,
                ampHours);
    Cranking cranking = new Cranking(circuit, need.engine(), protection);
    return new InConditions(
        need,
        policy,
        candidate,
        conditions,
        new InConditions.Aged(health, battery.years(), expected),
        new InConditions.Power(circuit, cranking, protection, law, takenShare),
        new InConditions.Reached(
            reached,
            winter,
            day.batteryC(need, need.use().driving(), air.inMonth(coldMonth)),
            day.startAmpHours()),
        cold,
        layUp,
        new InConditions.Starts(cranking, conditions, need),
        beside(conditions),
        GateResult.wishesMet(gates),
        lasting);
  }

  private List<SecondBattery> beside(Conditions conditions) {
    List<SecondBattery> all = new ArrayList<>();
    for (int i = 0; i < others.size(); i++) {
      Beside.Second second = candidate.beside().orElseThrow().others().get(i);
      all.add(
          new SecondBattery(
              second,
              others.get(i).in(SecondBattery.conditions(conditions, second)),
              SecondBattery.mayCrank(others.get(i).gates())));
    }
    return all;
  }

  private int layUpMonth() {
    return (int) Math.rint(need.use().layUp().fromMonth().value());
  }

  private Parked layUp(Stand stand, double fromCharge, double ampHours) {
    return parked(stand, atRest, need.use().layUp().fromDay(), fromCharge, ampHours);
  }

  private Parked parked(
      Stand stand, Seasons place, double fromDay, double fromCharge, double ampHours) {
    double cut = protection.map(each -> cut(each)).orElse(0.0);
    Storage storage =
        new Storage(
            chemistry,
            plates,
            ampHours,
            Drain.steady(stand.isConnected() ? need.use().drainMilliamps().value() : 0),
            place,
            fromDay,
            cut);
    return new Parked(storage, stand, fromCharge, InConditions.drainSigma(need, label), coldest);
  }

  /** The charge at which the machine is cut off; a reserve acts whether or not it is armed. */
  private static double cut(Protection protection) {
    return protection.hasReserve() ? protection.reserveCharge() : protection.lowestCharge();
  }

  /** The coldest it gets where it is laid up, month by month, with the battery's own lag. */
  private Seasons coldestMonths() {
    return new Seasons(
        air.monthlyC().stream()
            .map(
                mean ->
                    Math.max(
                        -40,
                        need.use().layUp().place().at(mean - Climate.MORNING_K)
                            + lag.aboveColdestAirK()))
            .toList());
  }

  private DailyBalance balance(int month, double ampHours) {
    return day.balance(need, need.use().driving(), ampHours, air.inMonth(month));
  }

  /** Charge in daily use in a month: what it was two months before, run on through this one (1). */
  private double reached(int month, double ampHours) {
    return reached.computeIfAbsent(
        new Day(month, ampHours),
        day -> {
          int before = 1 + Math.floorMod(month - 1 - MONTHS_BEFORE, 12);
          return balance(month, ampHours).afterMonth(balance(before, ampHours).settles());
        });
  }

  /** What the owner's use, heat and lay-up make of its life. */
  private LifeEstimate life(Stand stand) {
    double ampHours = label.capacity().value();
    Parked laidUp = layUp(stand, reached(layUpMonth(), ampHours), ampHours);
    if (isInLayUp(laidUp.lostAfter())) {
      return LifeEstimate.LOST_EACH_YEAR;
    }
    double sessionAmpHours =
        candidate.beside().filter(each -> each.has(Beside.Role.HOUSE)).isPresent()
            ? 0
            : need.use().engineOffAmps().value() * need.use().engineOffHours().value();
    double layUpDays = Math.min(DAYS_PER_YEAR, need.use().layUp().days().value());
    double inUse = MONTHS * (1 - layUpDays / DAYS_PER_YEAR);
    return LifeEstimate.of(
        Cycling.of(label, plates),
        new LifeEstimate.Year(
            Math.max(-40, Math.min(70, need.batteryMeanC())),
            need.use().driving().startsPerDay().value() * inUse / MONTHS,
            day.startAmpHours() / ampHours,
            24 * need.use().drainMilliamps().value() / 1000 / ampHours,
            sessionAmpHours > 0 ? need.use().habit().intensity().sessionsPerYear() : 0,
            sessionAmpHours / ampHours,
            DAYS_PER_YEAR * inUse / MONTHS * day.stopsAmpHours(need.use().driving()) / ampHours,
            chemistry.isLead()
                ? inUse * drivenUndercharged(ampHours) + laidUp(laidUp, layUpDays)
                : 0));
  }

  private boolean isInLayUp(double days) {
    return days <= need.use().layUp().days().value();
  }

  /** Capacity lost in a month of driving undercharged, as a mean over the year (1/month). */
  private double drivenUndercharged(double ampHours) {
    double sum = 0;
    int months = 0;
    for (int month = 1; month <= MONTHS; month += LIFE_MONTH_STEP) {
      double settled = balance(month, ampHours).settles();
      sum += Sulfation.perMonth(settled, Math.max(-40, Math.min(60, air.inMonth(month))));
      months++;
    }
    return sum / months;
  }

  /** Capacity lost in one lay-up (1). */
  private double laidUp(Parked laidUp, double days) {
    return days <= 0 ? 0 : laidUp.lost(days);
  }

  /** Money over the years kept. */
  static Ownership ownership(InConditions in) {
    return new Ownership(
        in.label().price().value(),
        List.of(),
        new Renewals(
            in.lasting().get().renewedAfter(in.lasting().get().years()),
            in.label().chemistry().life().weibullShape(),
            in.life().sigma()),
        in.need().use().yearsKept().value(),
        0,
        in.policy().rest());
  }
}
