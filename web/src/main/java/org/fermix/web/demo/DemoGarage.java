package org.fermix.web.demo;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.decision.Ranked;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.plan.WorkStep;
import org.fermix.core.prove.ProofMeasure;
import org.fermix.standins.StandInBattery;
import org.fermix.standins.StandInLogger;
import org.fermix.web.account.Accounts;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.approval.Approvals;
import org.fermix.web.bench.Benches;
import org.fermix.web.charger.Chargers;
import org.fermix.web.check.Checks;
import org.fermix.web.decide.Settlements;
import org.fermix.web.fitting.Fittings;
import org.fermix.web.garage.Garage;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.machine.Description;
import org.fermix.web.need.Needs;
import org.fermix.web.proving.Proofs;
import org.fermix.web.recordings.Recordings;
import org.fermix.web.shared.Display;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Loads the garage that every visitor's demo is copied from: the made-up repair co-operative at
 * Otterby Landing. Machines, makers and prices are invented. An instance that starts at the same
 * moment as another finds it loaded; one that knows a newer edition puts that in its place.
 */
@Component
class DemoGarage implements ApplicationRunner {
  /** Raised whenever what is loaded changes. */
  private static final int EDITION = 6;

  private static final Logger LOG = LoggerFactory.getLogger(DemoGarage.class);

  private static final Duration MORNING = Duration.ofMinutes(9 * 60 + 40);

  private final Accounts accounts;
  private final Garage garage;
  private final Jobs jobs;
  private final Needs needs;
  private final LineUp lineUp;
  private final Chargers chargers;
  private final Approvals approvals;
  private final Checks checks;
  private final Recordings recordings;
  private final Benches benches;
  private final Settlements settlements;
  private final Fittings fittings;
  private final Proofs proofs;
  private final TransactionTemplate transaction;
  private final Clock clock;

  DemoGarage(
      Accounts accounts,
      Garage garage,
      Jobs jobs,
      Needs needs,
      LineUp lineUp,
      Chargers chargers,
      Approvals approvals,
      Checks checks,
      Recordings recordings,
      Benches benches,
      Settlements settlements,
      Fittings fittings,
      Proofs proofs,
      TransactionTemplate transaction,
      Clock clock) {
    this.accounts = accounts;
    this.garage = garage;
    this.jobs = jobs;
    this.needs = needs;
    this.lineUp = lineUp;
    this.chargers = chargers;
    this.approvals = approvals;
    this.checks = checks;
    this.recordings = recordings;
    this.benches = benches;
    this.settlements = settlements;
    this.fittings = fittings;
    this.proofs = proofs;
    this.transaction = transaction;
    this.clock = clock;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    if (accounts.demoEdition().filter(edition -> edition >= EDITION).isPresent()) {
      return;
    }
    try {
      transaction.executeWithoutResult(
          status -> load(Visitor.toDemo(accounts.createDemo(EDITION))));
      LOG.info("demo garage loaded edition={}", EDITION);
    } catch (DataIntegrityViolationException e) {
      LOG.info("demo garage was loaded by another instance");
    }
  }

  private void load(Visitor demo) {
    juniper(demo);
    wasp(demo);
    drift(demo);
    pelican(demo);
    heron(demo);
    add(demo, "Lark", "aircraft", 3.8, 4, "15W-50");
    add(demo, "Badger", "utility", 0.8, 2, "5W-30");
  }

  /** So many days ago, in the morning. */
  private Instant ago(int days) {
    return clock.instant().truncatedTo(ChronoUnit.DAYS).minus(Duration.ofDays(days)).plus(MORNING);
  }

  @CanIgnoreReturnValue
  private OpenJob add(
      Visitor demo, String name, String type, double litres, int cylinders, String oil) {
    UUID job =
        garage
            .add(
                demo.garageId(),
                Submissions.number(),
                new Description(
                    name, EngineClass.find(type).orElseThrow(), litres, cylinders, oil, null))
            .orElseThrow();
    return jobs.open(demo, job);
  }

  private void juniper(Visitor demo) {
    OpenJob job = add(demo, "Juniper", "diesel-car", 1.9, 4, "5W-30");
    chargers.add(
        job,
        Map.of(
            "name", "Harbour Demo 3.5 A",
            "kind", "CHARGER",
            "amps", "3.5",
            "top", "14.4",
            "float", "13.6",
            "desulfates", "yes"));
    chargers.add(
        job, Map.of("name", "Grebe Demo mini", "kind", "MAINTAINER", "amps", "1.2", "top", "13.7"));
    needs.store(
        job,
        Map.ofEntries(
            Map.entry("minimumCca", "520"),
            Map.entry("minimumReserve", "90"),
            Map.entry("trayLength", "278"),
            Map.entry("trayWidth", "175"),
            Map.entry("trayHeight", "205"),
            Map.entry("side", "RIGHT"),
            Map.entry("coldest", "-16"),
            Map.entry("layUp", "28"),
            Map.entry("drain", "18"),
            Map.entry("offAmps", "6"),
            Map.entry("offHours", "2"),
            Map.entry("volts", "14.2"),
            Map.entry("years", "8"),
            Map.entry("currency", "EUR")));
    battery(job, true, "Northshore Demo Works 62", "flooded", 560, 97, 62, 15.8, 242, 190, "5");
    recordedStart(job, "another battery, cold", false, 1.05, 0.95, ago(130));
    sure(checks.take(job, ReadingKind.SYMPTOM, "", Map.of("outcome", "slow"), ago(24)));
    sure(
        checks.take(
            job,
            ReadingKind.REST_VOLTS,
            "Demo Meter 1",
            Map.of("volts", "12.58", "rested", "14", "surface", "no", "temperature", "4"),
            ago(9)));
    sure(
        checks.take(
            job,
            ReadingKind.TESTER,
            "stand-in tester",
            Map.of("shown", "362", "set", "560", "test", "cca", "charged", "yes"),
            ago(5)));
    recordedStart(job, "old battery, cold", true, 0.6, 0.85, ago(2));
    battery(job, false, "Northshore Demo Works 62", "flooded", 560, 97, 62, 15.8, 242, 190, "89");
    battery(job, false, "Northshore Demo Works 70 EFB", "efb", 680, 115, 70, 18.4, 278, 190, "128");
    battery(job, false, "Halyard Demo Cells 70 AGM", "agm", 760, 124, 70, 20.4, 278, 190, "176");
    battery(
        job,
        false,
        "Tern Demo Power 40 LFP",
        "lfp",
        640,
        94,
        40,
        6.2,
        242,
        175,
        "419",
        "heated",
        "protected",
        "coldTest");
  }

  /** A start of this machine on a stand-in battery, so many shares of its rating left and full. */
  private void recordedStart(
      OpenJob job, String name, boolean counts, double share, double charge, Instant takenAt) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(4);
    BatteryCircuit whenNew =
        lineUp.candidates(job).stream()
            .findFirst()
            .map(today -> BatteryCircuit.of(today.label()))
            .orElseThrow();
    StandInBattery battery =
        new StandInBattery(
            whenNew, new StandInBattery.Condition(share, charge, 4, false, 0.01), random);
    StandInLogger logger =
        new StandInLogger(battery, job.engine().departing(new Departure(1.15, 1, 0.97, 1, 1)));
    sure(
        recordings.keep(
                job,
                Submissions.number(),
                name,
                logger.name(),
                counts,
                Optional.of(4.0),
                logger.record(),
                takenAt)
            == Recordings.Kept.DONE);
  }

  private void wasp(Visitor demo) {
    OpenJob job = add(demo, "Wasp", "motorcycle-single", 0.65, 1, "10W-40");
    needs.store(
        job,
        Map.ofEntries(
            Map.entry("trayLength", "150"),
            Map.entry("trayWidth", "87"),
            Map.entry("trayHeight", "155"),
            Map.entry("side", "LEFT"),
            Map.entry("coldest", "2"),
            Map.entry("layUp", "90"),
            Map.entry("drain", "1"),
            Map.entry("volts", "14.9"),
            Map.entry("currency", "EUR")));
    lineUp.add(job, true, small("Skerry Demo Batteries 12", "agm", 190, 12, 4.4, 145, "age", "4"));
    sure(checks.take(job, ReadingKind.SYMPTOM, "", Map.of("outcome", "rapid_click"), ago(40)));
    sure(
        checks.take(
            job,
            ReadingKind.CHARGING_VOLTS,
            "Demo Meter 1",
            Map.of("idle", "14.1", "fast", "15.4", "loaded", "14.6", "temperature", "18"),
            ago(33)));
    lineUp.add(
        job, false, small("Skerry Demo Batteries 12", "agm", 200, 12, 4.4, 145, "price", "62"));
    lineUp.add(
        job,
        false,
        small("Northshore Demo Works 12 wet", "flooded", 165, 12, 4.3, 145, "price", "38"));
    lineUp.add(job, false, small("Tern Demo Power 5 LFP", "lfp", 120, 5, 1.1, 105, "price", "129"));
  }

  /** Settled, half fitted, its new battery measured on the counter. */
  private void heron(Visitor demo) {
    OpenJob job = add(demo, "Heron", "petrol-car", 1.4, 4, "5W-30");
    needs.store(
        job,
        Map.ofEntries(
            Map.entry("minimumCca", "440"),
            Map.entry("trayLength", "245"),
            Map.entry("trayWidth", "178"),
            Map.entry("trayHeight", "200"),
            Map.entry("side", "RIGHT"),
            Map.entry("coldest", "-12"),
            Map.entry("layUp", "21"),
            Map.entry("drain", "15"),
            Map.entry("volts", "14.3"),
            Map.entry("years", "6"),
            Map.entry("currency", "EUR")));
    battery(job, true, "Skerry Demo Batteries 50", "flooded", 460, 80, 50, 13, 242, 175, "6");
    sure(checks.take(job, ReadingKind.SYMPTOM, "", Map.of("outcome", "slow"), ago(12)));
    sure(
        checks.take(
            job,
            ReadingKind.REST_VOLTS,
            "Demo Meter 1",
            Map.of(
                "volts", "12.52", "rested", "13", "surface", "no", "charger", "Harbour Demo 3.5 A"),
            ago(6)));
    sure(
        checks.take(
            job,
            ReadingKind.TESTER,
            "stand-in tester",
            Map.of("shown", "271", "set", "460", "test", "cca", "charged", "yes"),
            ago(4)));
    battery(job, false, "Northshore Demo Works 55", "flooded", 520, 85, 55, 14.1, 242, 175, "79");
    battery(job, false, "Halyard Demo Cells 60 AGM", "agm", 660, 105, 60, 17.4, 242, 190, "149");
    String taken = benches.ownDecision(job).leader().map(Ranked::letter).orElseThrow();
    settlements.settle(job, Submissions.number(), taken, "", Display.USUAL.in("EUR"));
    for (WorkStep.Kind step :
        List.of(
            WorkStep.Kind.TEST_NEW,
            WorkStep.Kind.WATER_LEVEL,
            WorkStep.Kind.NOTE_WHAT_FORGETS,
            WorkStep.Kind.LET_IT_SLEEP,
            WorkStep.Kind.CHARGERS_OFF)) {
      fittings.tick(job, step.name(), false, "");
    }
    Fittings.Incoming coming = fittings.incoming(job).orElseThrow();
    sure(
        proofs.take(
            job,
            coming,
            ProofMeasure.REST,
            Submissions.number(),
            "Demo Meter 1",
            Map.of(
                "volts",
                "12.79",
                "rested",
                "13",
                "surface",
                "no",
                "charger",
                "Harbour Demo 3.5 A")));
    sure(
        proofs.take(
            job,
            coming,
            ProofMeasure.TESTER,
            Submissions.number(),
            "stand-in tester",
            Map.of("shown", "588", "set", "520", "test", "cca", "charged", "yes")));
  }

  private void drift(Visitor demo) {
    OpenJob job = add(demo, "Drift", "snowmobile", 0.6, 2, "two-stroke mix");
    needs.store(
        job,
        Map.ofEntries(
            Map.entry("coldest", "-22"),
            Map.entry("winterMean", "-11"),
            Map.entry("summerMean", "17"),
            Map.entry("layUp", "214"),
            Map.entry("layUpFrom", "4"),
            Map.entry("layUpPlace", "shed"),
            Map.entry("drain", "0"),
            Map.entry("trip", "80"),
            Map.entry("volts", "14.4"),
            Map.entry("currency", "EUR")));
    lineUp.add(
        job, true, small("Northshore Demo Works 18 wet", "flooded", 230, 18, 6.4, 160, "age", "3"));
    lineUp.add(
        job,
        false,
        small("Northshore Demo Works 18 wet", "flooded", 230, 18, 6.4, 160, "price", "54"));
    lineUp.add(
        job, false, small("Skerry Demo Batteries 18", "agm", 270, 18, 6.6, 160, "price", "88"));
    lineUp.add(
        job, false, small("Tern Demo Power 10 LFP", "lfp", 150, 10, 1.9, 130, "price", "189"));
  }

  private void pelican(Visitor demo) {
    OpenJob job = add(demo, "Pelican", "inboard-petrol", 2.2, 4, "15W-40");
    needs.store(
        job,
        Map.ofEntries(
            Map.entry("minimumCca", "480"),
            Map.entry("coldest", "-2"),
            Map.entry("layUp", "150"),
            Map.entry("drain", "4"),
            Map.entry("loadName1", "plotter or sounder"),
            Map.entry("loadHours1", "3"),
            Map.entry("loadName2", "marine radio on standby"),
            Map.entry("loadHours2", "3"),
            Map.entry("loadName3", "bilge pump"),
            Map.entry("loadHours3", "0.5"),
            Map.entry("volts", "14.1"),
            Map.entry("currency", "EUR")));
    bulletin(
        job,
        "3",
        1010,
        List.of(
            "LiFePO4",
            "MCA at least 650",
            "short-circuit protection",
            "charge lock below freezing"));
    bulletin(
        job,
        "4",
        260,
        List.of(
            "LiFePO4",
            "for starting engines",
            "MCA at least 700",
            "short-circuit protection",
            "over-temperature protection",
            "charge lock below freezing",
            "discharge down to −20 °C",
            "fault signal wired to the dash"));
    marine(job, "Northshore Demo Works 75 marine", "flooded", 560, 75, 19.6, "118");
    marine(job, "Halyard Demo Cells 70 AGM", "agm", 720, 70, 21.0, "189");
    marine(
        job,
        "Tern Demo Power 60 marine",
        "lfp",
        720,
        60,
        8.1,
        "598",
        "Starter use: yes",
        "Short circuit protection: built-in",
        "Overheat protection: yes",
        "Low-temperature cut-off: yes",
        "Operating temperature: −20 to 60 °C",
        "Alternator charging: allowed",
        "Bluetooth: yes");
  }

  private void bulletin(OpenJob job, String revision, int daysOld, List<String> items) {
    LocalDate today = LocalDate.now(clock);
    approvals.add(
        job,
        Map.ofEntries(
            Map.entry("document", "Demo Marine bulletin 12"),
            Map.entry("revision", revision),
            Map.entry("dated", today.minusDays(daysOld).toString()),
            Map.entry("verified", today.minusDays(60).toString()),
            Map.entry("covers", "petrol inboards of 2 to 3 litres"),
            Map.entry("serials", "from 40000"),
            Map.entry("issuer", "ENGINE_MAKER"),
            Map.entry("scope", "NOT_LEAD"),
            Map.entry("exclusive", "yes"),
            Map.entry("items", String.join("\n", items))));
  }

  private void marine(
      OpenJob job,
      String name,
      String chemistry,
      double cca,
      double ampHours,
      double kg,
      String price,
      String... lines) {
    Map<String, String> fields = new HashMap<>();
    fields.put("name", name);
    fields.put("chemistry", chemistry);
    fields.put("cranking", Double.toString(cca));
    fields.put("test", "cca");
    fields.put("ratings", Math.round(1.24 * cca) + " MCA");
    fields.put("capacity", Double.toString(ampHours));
    fields.put("mass", Double.toString(kg));
    fields.put("length", "278");
    fields.put("width", "175");
    fields.put("height", "190");
    fields.put("side", "RIGHT");
    fields.put("price", price);
    fields.put("lines", String.join("\n", lines));
    lineUp.add(job, false, fields);
  }

  private static Map<String, String> small(
      String name,
      String chemistry,
      double cca,
      double ampHours,
      double kg,
      double heightMm,
      String last,
      String lastValue) {
    return Map.ofEntries(
        Map.entry("name", name),
        Map.entry("protected", chemistry.equals("lfp") ? "yes" : ""),
        Map.entry("chemistry", chemistry),
        Map.entry("cranking", Double.toString(cca)),
        Map.entry("test", "cca"),
        Map.entry("capacity", Double.toString(ampHours)),
        Map.entry("mass", Double.toString(kg)),
        Map.entry("length", "150"),
        Map.entry("width", "87"),
        Map.entry("height", Double.toString(heightMm)),
        Map.entry("side", "LEFT"),
        Map.entry(last, lastValue));
  }

  private void battery(
      OpenJob job,
      boolean today,
      String name,
      String chemistry,
      double cca,
      double reserveMinutes,
      double ampHours,
      double kg,
      double lengthMm,
      double heightMm,
      String ageOrPrice,
      String... yes) {
    Map<String, String> fields = new HashMap<>();
    fields.put("name", name);
    fields.put("chemistry", chemistry);
    fields.put("cranking", Double.toString(cca));
    fields.put("test", "cca");
    fields.put("reserve", Double.toString(reserveMinutes));
    fields.put("capacity", Double.toString(ampHours));
    fields.put("mass", Double.toString(kg));
    fields.put("length", Double.toString(lengthMm));
    fields.put("width", "175");
    fields.put("height", Double.toString(heightMm));
    fields.put("side", "RIGHT");
    fields.put(today ? "age" : "price", ageOrPrice);
    for (String each : yes) {
      fields.put(each, "yes");
    }
    lineUp.add(job, today, fields);
  }

  /** The demo has room for all of itself. */
  private static void sure(boolean kept) {
    if (!kept) {
      throw new IllegalStateException("something of the demo was not kept");
    }
  }
}
