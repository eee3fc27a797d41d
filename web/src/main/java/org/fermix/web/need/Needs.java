package org.fermix.web.need;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.fermix.core.bench.Schools;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.machine.BatteryPlace;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Habit;
import org.fermix.core.machine.HardinessZone;
import org.fermix.core.machine.History;
import org.fermix.core.machine.LayUpPlace;
import org.fermix.core.machine.Ledger;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.StandingDrain;
import org.fermix.core.machine.StopStart;
import org.fermix.core.machine.Tray;
import org.fermix.core.machine.Use;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.approval.Approvals;
import org.fermix.web.job.NextJob;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.ReadAhead;
import org.fermix.web.priority.ColdestMorning;
import org.fermix.web.priority.PricesOf;
import org.fermix.web.priority.Priorities;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.StaleEdit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a job needs: the owner's facts, and the core's need made of them. */
@Service
public class Needs implements NextJob, ReadAhead, ColdestMorning, PricesOf {
  private static final double DAYS_A_WEEK = 7;
  private static final double DAYS_A_MONTH = 30.4;

  private final NeedRepository facts;
  private final Approvals approvals;
  private final Priorities priorities;

  Needs(NeedRepository facts, Approvals approvals, Priorities priorities) {
    this.priorities = priorities;
    this.facts = facts;
    this.approvals = approvals;
  }

  /**
   * What a request reads of a job's need.
   *
   * @param currency of its prices, ISO 4217
   * @param started once the owner has said anything
   * @param keepsBattery when the machine goes
   */
  private record Known(Need need, String currency, boolean started, boolean keepsBattery) {}

  private Known reading(OpenJob job) {
    return job.once(Known.class, () -> known(job, facts(job)));
  }

  private Known known(OpenJob job, NeedFacts stored) {
    return new Known(
        need(job, stored),
        stored.currency,
        !stored.isNew(),
        Boolean.TRUE.equals(stored.keepsBattery));
  }

  @Override
  public int order() {
    return 1;
  }

  @Override
  @Transactional(readOnly = true)
  public void read(UUID garageId, List<OpenJob> jobs) {
    Map<UUID, NeedFacts> stored =
        facts
            .findByGarageIdAndJobIdIn(garageId, jobs.stream().map(OpenJob::jobId).toList())
            .stream()
            .collect(Collectors.toMap(NeedFacts::getId, Function.identity()));
    for (OpenJob job : jobs) {
      NeedFacts said = stored.get(job.jobId());
      job.knows(known(job, said == null ? unsaid(job) : said));
    }
  }

  private static NeedFacts unsaid(OpenJob job) {
    return new NeedFacts(job.jobId(), job.garageId(), job.usualCurrency());
  }

  /** The need, with stated assumptions where the owner said nothing. */
  @Transactional(readOnly = true)
  public Need of(OpenJob job) {
    return reading(job).need();
  }

  @Override
  public double coldestMorningC(OpenJob job) {
    return of(job).climate().coldestMorningC().value();
  }

  /** The currency of the job's prices, ISO 4217. */
  @Override
  @Transactional(readOnly = true)
  public String currency(OpenJob job) {
    return reading(job).currency();
  }

  /** True when the owner keeps the battery when the machine goes. */
  @Transactional(readOnly = true)
  public boolean keepsBattery(OpenJob job) {
    return reading(job).keepsBattery();
  }

  /** True once the owner has said anything. */
  @Transactional(readOnly = true)
  public boolean isStarted(OpenJob job) {
    return reading(job).started();
  }

  /** Stores facts by field name, metric, as a form would; for the demo garage. */
  @Transactional
  public void store(OpenJob job, Map<String, String> fields) {
    Form form = NeedForm.typed(NeedForm.of(job, facts(job), Display.USUAL), fields);
    NeedForm.complete(form);
    if (!form.isSound()) {
      throw new IllegalArgumentException("not a sound need: " + form.wrong());
    }
    save(job, facts(job).version(), form);
  }

  /** What the owner said goes on: the machine and its life are the same. */
  @Override
  @Transactional
  public void carry(OpenJob before, OpenJob next) {
    facts
        .findByJobIdAndGarageId(before.jobId(), before.garageId())
        .ifPresent(
            said -> {
              NeedFacts again = facts(next);
              NeedForm.write(NeedForm.of(before, said, Display.USUAL), again);
              facts.save(again);
            });
  }

  @Transactional(readOnly = true)
  NeedFacts facts(OpenJob job) {
    return facts.findByJobIdAndGarageId(job.jobId(), job.garageId()).orElseGet(() -> unsaid(job));
  }

  /** The need as a form has it, saved or not; where the form is wrong, as it was before. */
  Need drawn(OpenJob job, Form form, Form before) {
    NeedFacts said = unsaid(job);
    NeedForm.write(form.soundOr(before), said);
    return need(job, said);
  }

  @Transactional
  void save(OpenJob job, long version, Form form) {
    NeedFacts stored = facts(job);
    if (stored.version() != version) {
      throw new StaleEdit("the need");
    }
    Map<String, String> said = NeedForm.texts(NeedForm.of(job, stored, Display.USUAL));
    NeedForm.write(form, stored);
    stored.before = said;
    facts.save(stored);
    facts.flush();
    job.forget();
  }

  /** Takes back what was last saved; again, and it is there as before. */
  @Transactional
  void undo(OpenJob job) {
    NeedFacts stored = facts(job);
    if (stored.before.isEmpty()) {
      return;
    }
    Form form =
        NeedForm.typed(NeedForm.of(job, stored, Display.USUAL), new HashMap<>(stored.before));
    if (form.isSound()) {
      save(job, stored.version(), form);
    }
  }

  private Need need(OpenJob job, NeedFacts facts) {
    Engine engine = job.engine();
    UsualNeed usual = UsualNeed.of(engine);
    return new Need(
        engine,
        new MakersMinimum(
            priorities.schools(job).sizing() == Schools.Sizing.RULE
                    && engine.ruleOfThumbCca() > (facts.minimumCcaA == null ? 0 : facts.minimumCcaA)
                ? Given.derived(
                    engine.ruleOfThumbCca(),
                    Unit.AMPERE,
                    "by the displacement rule, the school you follow")
                : facts.minimumCcaA == null
                    ? Given.assumed(
                        engine.ruleOfThumbCca(),
                        Unit.AMPERE,
                        "by the displacement rule; the maker’s figure is not typed")
                    : Given.maker(facts.minimumCcaA, Unit.AMPERE),
            Optional.ofNullable(facts.minimumCcaA == null ? null : facts.minimumTest)
                .flatMap(CrankingTest::find)
                .orElse(CrankingTest.COLD_CRANKING),
            Optional.ofNullable(facts.minimumReserveMin)
                .map(minutes -> Given.maker(minutes, Unit.MINUTE)),
            Optional.ofNullable(facts.minimumCapacityAh)
                .map(ampHours -> Given.maker(ampHours, Unit.AMPERE_HOUR))),
        tray(facts),
        Optional.ofNullable(facts.batteryPlace)
            .flatMap(BatteryPlace::find)
            .orElseGet(usual::batteryPlace),
        climate(facts, usual),
        use(facts, usual, engine.series()),
        new Charging(
            given(facts.regulatedV, Unit.VOLT, usual.regulatedVolts()),
            usual.spareAmps(),
            usual.idleAmps(),
            usual.idleShare(),
            Optional.ofNullable(facts.chargingSource)),
        approvals.of(job),
        priorities.wishes(job, facts.currency));
  }

  private static Climate climate(NeedFacts facts, UsualNeed usual) {
    Given coldest =
        given(
            facts.coldestMorningC,
            Unit.CELSIUS,
            Optional.ofNullable(facts.hardinessZone)
                .flatMap(HardinessZone::find)
                .map(Needs::ofZone)
                .orElse(usual.coldestMorningC()));
    Given winter = given(facts.winterMeanC, Unit.CELSIUS, usual.winterMeanC(coldest.value()));
    return new Climate(
        coldest,
        winter,
        given(facts.summerMeanC, Unit.CELSIUS, usual.summerMeanC(winter.value())),
        month(facts.coldestMonth, usual.coldestMonth()));
  }

  private static Use use(NeedFacts facts, UsualNeed usual, double series) {
    Ledger ledger = LedgerForm.ledger(facts.loads, LedgerForm.usualHours(usual));
    Stand.Way way = facts.stand == null ? Stand.Way.CONNECTED : facts.stand;
    return new Use(
        new LongestLayUp(
            given(
                facts.layUpDays,
                Unit.DAY,
                facts.weeksAway == null ? usual.layUpDays() : away(facts.weeksAway)),
            month(facts.layUpFromMonth, usual.layUpFromMonth()),
            Optional.ofNullable(facts.layUpPlace)
                .flatMap(LayUpPlace::find)
                .orElseGet(usual::layUpPlace),
            new Stand(way, facts.standWeeks == null ? Stand.CONNECTED.weeks() : facts.standWeeks)),
        given(
            facts.drainMa,
            Unit.MILLIAMPERE,
            new StandingDrain(facts.drains, facts.wakeUps == null ? 0 : facts.wakeUps)
                .milliamps()
                .orElse(usual.drainMilliamps())),
        given(facts.engineOffA, Unit.AMPERE, ledger.amps(series).orElse(usual.engineOffAmps())),
        given(facts.engineOffH, Unit.HOUR, ledger.hours().orElse(usual.engineOffHours())),
        new Driving(
            startsPerDay(facts, usual),
            given(facts.tripMin, Unit.MINUTE, usual.tripMinutes()),
            stopStart(facts)),
        given(facts.yearsKept, Unit.YEAR, usual.yearsKept()),
        facts.historyBatteries == null || facts.historyYears == null
            ? Optional.empty()
            : Optional.of(new History(facts.historyBatteries, facts.historyYears)),
        new Habit(
            facts.intensity == null ? Habit.USUAL.intensity() : facts.intensity,
            Optional.ofNullable(facts.alarmV).map(volts -> Given.typed(volts, Unit.VOLT)),
            ledger));
  }

  /** A coldest morning by a place’s zone. */
  static Given ofZone(HardinessZone zone) {
    return Given.derived(
        zone.coldestMorningC(), Unit.CELSIUS, "the middle of hardiness zone " + zone.code());
  }

  /** A lay-up as long as somebody is away. */
  static Given away(double weeks) {
    return Given.derived(
        Math.min(LongestLayUp.DAYS.most(), DAYS_A_WEEK * weeks), Unit.DAY, "the weeks away");
  }

  /** What draws, as a form has it. */
  static StandingDrain drain(Form form) {
    return new StandingDrain(
        StandingDrain.usual().stream()
            .map(StandingDrain.Usual::id)
            .filter(each -> form.text(NeedForm.DRAIN + each).isPresent())
            .toList(),
        form.number("wakeUps").orElse(0));
  }

  /** Starts over all days, where the machine is used on some only. */
  private static Given startsPerDay(NeedFacts facts, UsualNeed usual) {
    Given onADay = given(facts.startsPerDay, Unit.COUNT, usual.startsPerDay());
    return facts.daysUsed == null
        ? onADay
        : Given.derived(
            Math.min(Driving.STARTS_A_DAY.most(), onADay.value() * facts.daysUsed / DAYS_A_MONTH),
            Unit.COUNT,
            "starts on a day of use, over the days of a month");
  }

  private static StopStart stopStart(NeedFacts facts) {
    Given onADay = given(facts.restartsADay, Unit.COUNT, StopStart.UNSAID.restartsPerDay());
    return new StopStart(
        Optional.ofNullable(facts.stopsAtLights),
        facts.daysUsed == null
            ? onADay
            : Given.derived(
                Math.min(
                    StopStart.RESTARTS_A_DAY.most(),
                    onADay.value() * facts.daysUsed / DAYS_A_MONTH),
                Unit.COUNT,
                "restarts on a day of use, over the days of a month"),
        given(facts.stoppedA, Unit.AMPERE, StopStart.UNSAID.stoppedAmps()));
  }

  private static Given month(@Nullable Integer said, Given otherwise) {
    return said == null ? otherwise : Given.typed(said, Unit.COUNT);
  }

  private static Optional<Tray> tray(NeedFacts facts) {
    if (facts.trayLengthMm == null
        || facts.trayWidthMm == null
        || facts.trayHeightMm == null
        || facts.positiveSide == null) {
      return Optional.empty();
    }
    return Optional.of(
        new Tray(
            new CaseSize(facts.trayLengthMm, facts.trayWidthMm, facts.trayHeightMm),
            facts.positiveSide,
            facts.leadSpareMm == null ? 0 : facts.leadSpareMm,
            Optional.ofNullable(facts.leadTerminal),
            Boolean.TRUE.equals(facts.mayLie),
            facts.wayInWidthMm == null || facts.wayInHeightMm == null
                ? Optional.empty()
                : Optional.of(new Tray.Opening(facts.wayInWidthMm, facts.wayInHeightMm)),
            Optional.ofNullable(facts.holdDown)));
  }

  private static Given given(@Nullable Double said, Unit unit, Given otherwise) {
    return said == null ? otherwise : Given.typed(said, unit);
  }
}
