package org.fermix.web.fitting;

import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.plan.WorkStep;
import org.fermix.web.account.Visitor;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The work where there is no connection: what keeps the page, and ticks that come later. */
@Controller
class AwayController {
  private static final int LONGEST_NOTE = 300;
  private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
  private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

  private final Jobs jobs;
  private final Fittings fittings;

  AwayController(Jobs jobs, Fittings fittings) {
    this.jobs = jobs;
    this.fittings = fittings;
  }

  /** The script that keeps the page; asked for anew each time. */
  @GetMapping("/away.js")
  ResponseEntity<Resource> worker() {
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("text/javascript;charset=UTF-8"))
        .cacheControl(CacheControl.noCache())
        .body(new ClassPathResource("away/worker.js"));
  }

  /**
   * Takes a tick down that was made while there was no connection.
   *
   * @param at when it was made, by the device’s own clock, ISO 8601; empty for now
   * @param seen when the tick it replaces was made, as the device knew it; empty for none
   * @return {@code kept}, {@code same}, {@code conflict}, {@code clock} or {@code refused}, with
   *     words and what stands
   */
  @PostMapping("/jobs/{id}/fit/away")
  ResponseEntity<Map<String, String>> later(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam String step,
      @RequestParam String action,
      @RequestParam(defaultValue = "") String note,
      @RequestParam(defaultValue = "") String at,
      @RequestParam(defaultValue = "") String seen,
      Display display) {
    OpenJob job = jobs.open(visitor, id);
    String said = note.strip();
    if (!Form.complaint(said, LONGEST_NOTE).isEmpty()) {
      return answer("refused", Form.complaint(said, LONGEST_NOTE), "");
    }
    Optional<WorkStep> known = fittings.of(job).find(step);
    if (known.isEmpty()) {
      return answer("refused", "This step is no longer part of the work.", "");
    }
    if (said.length() > LONGEST_NOTE || (action.equals("skip") && said.isEmpty())) {
      return answer(
          "refused",
          "Say in a word why it is skipped, " + LONGEST_NOTE + " characters at the most.",
          "");
    }
    Optional<Fittings.Made> made = made(action);
    Optional<Instant> own = instant(at);
    if (made.isEmpty() || (own.isEmpty() && !at.isEmpty())) {
      return answer("refused", "It could not be read: tick it again.", "");
    }
    Fittings.Later later = fittings.later(job, step, made.get(), said, own, instant(seen));
    return switch (later.result()) {
      case KEPT -> answer("kept", "", "");
      case SAME -> answer("same", "", "");
      case CLOCK ->
          answer(
              "clock",
              "By this device’s clock it was ticked at "
                  + own.map(display::moment).orElse("")
                  + ", which is not so: look at its clock.",
              later.stands().map(tick -> tick.at().toString()).orElse(""));
      case CONFLICT ->
          answer(
              "conflict",
              later
                      .stands()
                      .filter(tick -> !tick.undone)
                      .map(
                          tick ->
                              "Elsewhere it was "
                                  + (tick.skipped ? "skipped" : "ticked")
                                  + " at "
                                  + display.moment(tick.at())
                                  + (tick.note.isEmpty() ? "" : ": " + tick.note))
                      .orElse("Elsewhere its tick was taken back")
                  + ". Here it was "
                  + (made.get() == Fittings.Made.UNDONE
                      ? "taken back"
                      : made.get() == Fittings.Made.SKIPPED ? "skipped" : "ticked")
                  + own.map(each -> " at " + display.moment(each)).orElse("")
                  + (said.isEmpty() ? "" : ": " + said)
                  + ".",
              later.stands().map(tick -> tick.at().toString()).orElse(""));
    };
  }

  private static Optional<Fittings.Made> made(String action) {
    return switch (action) {
      case "done" -> Optional.of(Fittings.Made.DONE);
      case "skip" -> Optional.of(Fittings.Made.SKIPPED);
      case "undo" -> Optional.of(Fittings.Made.UNDONE);
      default -> Optional.empty();
    };
  }

  /** A moment within the years anything is kept for; further off it is none. */
  private static Optional<Instant> instant(String text) {
    try {
      return text.isEmpty()
          ? Optional.empty()
          : Optional.of(Instant.parse(text))
              .filter(at -> at.isAfter(EARLIEST) && at.isBefore(LATEST));
    } catch (DateTimeParseException e) {
      return Optional.empty();
    }
  }

  private static ResponseEntity<Map<String, String>> answer(
      String result, String words, String stands) {
    return ResponseEntity.ok(Map.of("result", result, "words", words, "stands", stands));
  }
}
