package org.fermix.web.proving;

import jakarta.servlet.http.HttpServletResponse;
import java.io.InputStream;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.check.Suspect;
import org.fermix.core.diagnosis.ReadingLimits;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.prove.Proof;
import org.fermix.core.prove.ProofMeasure;
import org.fermix.core.prove.Refused;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.chart.Drawing;
import org.fermix.web.chart.Drawings;
import org.fermix.web.check.ReadingForms;
import org.fermix.web.check.TakenReading;
import org.fermix.web.door.HeavyWork;
import org.fermix.web.fitting.Fittings;
import org.fermix.web.formats.CrankCsv;
import org.fermix.web.formats.CsvFault;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.recordings.Recordings;
import org.fermix.web.recordings.RefusedWords;
import org.fermix.web.recordings.Waveforms;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.FileNames;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/**
 * The second half of the sixth stop: the new battery measured like the old one, and handed over.
 */
@Controller
@RequestMapping("/jobs/{id}/fit/prove")
class ProofController {
  private static final List<Field> START =
      List.of(
          Field.text("name", "Name", 60),
          Field.number("temperature", "Temperature then", ReadingLimits.TEMPERATURE)
              .withHelp("Of engine and battery. Empty: 20 °C, give or take eight."));

  private static final String NO_ROOM =
      "At most " + Recordings.MOST + " recordings are kept; remove one under the recorded starts.";

  private final Jobs jobs;
  private final Rails rails;
  private final Fittings fittings;
  private final Proofs proofs;
  private final Drawings drawings;
  private final HeavyWork heavy;

  ProofController(
      Jobs jobs,
      Rails rails,
      Fittings fittings,
      Proofs proofs,
      Drawings drawings,
      HeavyWork heavy) {
    this.jobs = jobs;
    this.rails = rails;
    this.fittings = fittings;
    this.proofs = proofs;
    this.drawings = drawings;
    this.heavy = heavy;
  }

  private Fittings.Incoming incoming(OpenJob job) {
    return fittings.incoming(job).orElseThrow(() -> new NotHere("battery to prove"));
  }

  private static ProofMeasure measure(String slug, Proofs.State state) {
    return Arrays.stream(ProofMeasure.values())
        .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(slug))
        .filter(each -> each != ProofMeasure.SPEED)
        .filter(
            each ->
                each == ProofMeasure.CAPACITY
                    || state.proof().compared().stream()
                        .anyMatch(compared -> compared.measure() == each))
        .findFirst()
        .orElseThrow(() -> new NotHere("measure"));
  }

  private static Suspect suspect(Fittings.Incoming coming) {
    return Suspect.of(
        coming.need(), Optional.of(new Candidate(coming.letter(), coming.label(), 0)));
  }

  @GetMapping("/{slug}")
  String ask(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String slug,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Fittings.Incoming coming = incoming(job);
    Proofs.State state = proofs.state(job, coming);
    ProofMeasure measure = measure(slug, state);
    List<Field> fields = ReadingForms.fields(measure.kind(), suspect(coming));
    Form form = ReadingForms.stored(fields, display, Optional.of(before(state, measure)));
    return form(job, coming, measure, form, display, model);
  }

  /** What was taken of it; else what makes it the same test as the old one’s. */
  private static TakenReading before(Proofs.State state, ProofMeasure measure) {
    TakenReading fresh = state.freshReadings().get(measure);
    if (fresh != null) {
      return fresh;
    }
    Map<String, String> facts = new HashMap<>();
    String instrument = "";
    TakenReading old = state.oldReadings().get(measure);
    if (old != null) {
      instrument = old.text(Recordings.RECORDED).isPresent() ? "" : old.instrument();
      for (String same : List.of("amps", "charger", "end")) {
        old.text(same).ifPresent(each -> facts.put(same, each));
      }
    }
    if (measure == ProofMeasure.TESTER) {
      Label label = state.coming().label();
      facts.put("set", Double.toString(label.cranking().amps()));
      facts.put("test", label.cranking().test().id());
    }
    return new TakenReading(new UUID(0, 0), measure.kind(), Instant.EPOCH, instrument, facts);
  }

  private String form(
      OpenJob job,
      Fittings.Incoming coming,
      ProofMeasure measure,
      Form form,
      Display display,
      Model model) {
    model.addAttribute("rail", rails.of(job, Stop.FIT, display));
    model.addAttribute("job", job);
    model.addAttribute("letter", coming.letter());
    model.addAttribute("measure", ProofWords.title(measure));
    model.addAttribute("sheet", ReadingForms.sheet(measure.kind(), suspect(coming)));
    model.addAttribute("water", suspect(coming).needsWater());
    model.addAttribute("slug", measure.name().toLowerCase(Locale.ROOT));
    model.addAttribute("number", Submissions.number());
    model.addAttribute("form", form);
    model.addAttribute("stands", measure == ProofMeasure.PARKED);
    model.addAttribute("records", measure == ProofMeasure.CRANKING);
    return "proving/take";
  }

  @PostMapping("/{slug}")
  String take(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String slug,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Fittings.Incoming coming = incoming(job);
    ProofMeasure measure = measure(slug, proofs.state(job, coming));
    List<Field> fields = ReadingForms.fields(measure.kind(), suspect(coming));
    Form form = ReadingForms.typed(measure.kind(), fields, display, parameters);
    if (measure == ProofMeasure.PARKED
        && form.number("rested").orElse(0) < 24 * ProofMeasure.STOOD_DAYS) {
      form.complain(
          "rested",
          "A stand counts from seven days, 168 h, on; two weeks are 336 h. A shorter rest goes under"
              + " “Rest”.");
    }
    if (form.isSound()
        && !proofs.take(
            job,
            coming,
            measure,
            Submissions.number(parameters.getOrDefault("number", "")),
            form.text(ReadingForms.INSTRUMENT).orElse(""),
            ReadingForms.facts(form, fields))) {
      form.complain(ReadingForms.INSTRUMENT, ReadingForms.FULL);
    }
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return form(job, coming, measure, form, display, model);
    }
    return back(job);
  }

  private static String back(OpenJob job) {
    return "redirect:" + job.path(Stop.FIT) + "#proof";
  }

  @PostMapping("/{slug}/back")
  String takeBack(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, @PathVariable String slug) {
    OpenJob job = jobs.open(visitor, id);
    Fittings.Incoming coming = incoming(job);
    ProofMeasure measure =
        slug.equals("speed") ? ProofMeasure.SPEED : measure(slug, proofs.state(job, coming));
    proofs.takeBack(job, coming, measure);
    return back(job);
  }

  @GetMapping("/start")
  String askStart(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    return start(job, incoming(job), Form.blank(START, display), "", display, model);
  }

  private String start(
      OpenJob job,
      Fittings.Incoming coming,
      Form form,
      String fault,
      Display display,
      Model model) {
    if (!job.engine().turns()) {
      throw new NotHere("start");
    }
    model.addAttribute("rail", rails.of(job, Stop.FIT, display));
    model.addAttribute("job", job);
    model.addAttribute("letter", coming.letter());
    model.addAttribute("form", form);
    model.addAttribute("fault", fault);
    model.addAttribute("number", Submissions.number());
    model.addAttribute("water", suspect(coming).needsWater());
    return "proving/start";
  }

  @PostMapping("/start")
  String takeStart(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      @RequestParam("file") MultipartFile file,
      Display display,
      Model model,
      HttpServletResponse response)
      throws Exception {
    OpenJob job = jobs.open(visitor, id);
    Fittings.Incoming coming = incoming(job);
    Form form = Form.typed(Form.blank(START, display), parameters);
    String fault = "";
    if (file.isEmpty()) {
      fault = "Choose a CSV file with columns for time and volts, up to 40 MB.";
    } else if (form.isSound()) {
      UUID number = Submissions.number(parameters.getOrDefault("number", ""));
      String name =
          form.text("name")
              .orElseGet(() -> FileNames.plain(file, "new battery " + coming.letter()));
      try {
        boolean kept =
            heavy.run(
                () -> {
                  try (InputStream stream = file.getInputStream()) {
                    return proofs.takeStart(
                        job,
                        coming,
                        number,
                        name,
                        Optional.ofNullable(form.numberOrNull("temperature")),
                        Recordings.prepared(job, CrankCsv.read(stream)));
                  }
                });
        fault = kept ? "" : NO_ROOM;
      } catch (CsvFault unreadable) {
        fault = unreadable.getMessage() == null ? "" : unreadable.getMessage();
      } catch (Refused noStart) {
        fault = RefusedWords.of(noStart, display);
      }
    }
    if (!fault.isEmpty() || !form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return start(job, coming, form, fault, display, model);
    }
    return back(job);
  }

  /** The new one is in, the old one out: the job ends. */
  @PostMapping("/over")
  String handOver(@AuthenticationPrincipal Visitor visitor, @PathVariable UUID id) {
    OpenJob job = jobs.open(visitor, id);
    proofs.handOver(visitor, job, incoming(job));
    return "redirect:/machines/" + job.machineId();
  }

  /** The old one is in after all. */
  @PostMapping("/over/back")
  String handBack(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Model model,
      Display display) {
    OpenJob job = jobs.open(visitor, id);
    boolean back = proofs.handBack(job, incoming(job));
    return "redirect:" + job.path(Stop.FIT) + (back ? "" : "?taken") + "#proof";
  }

  /** The wording of a claim, to send or print. */
  @GetMapping("/claim.txt")
  ResponseEntity<String> claim(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, Display display) {
    OpenJob job = jobs.open(visitor, id);
    Proofs.State state = proofs.state(job, incoming(job));
    if (state.proof().outcome() != Proof.Outcome.BELOW_RATING) {
      throw new NotHere("claim");
    }
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("text/plain;charset=UTF-8"))
        .body(ProofClaim.of(state, display));
  }

  /** Both starts laid over each other. */
  @GetMapping("/starts.svg")
  ResponseEntity<String> starts(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, Display display) {
    OpenJob job = jobs.open(visitor, id);
    Waveforms waves =
        ProofPage.of(proofs.state(job, incoming(job)), display)
            .starts()
            .orElseThrow(() -> new NotHere("drawing"));
    return drawings.file(
        Drawing.of(
            "recordings/waves :: drawing",
            "waves",
            waves,
            waves.width(),
            waves.height(),
            "Old and new starting, " + job.machineName(),
            "Volts over seconds from each start"));
  }
}
