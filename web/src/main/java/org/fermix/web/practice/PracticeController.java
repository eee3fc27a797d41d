package org.fermix.web.practice;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.standins.Practice;
import org.fermix.web.account.Visitor;
import org.fermix.web.chart.Drawing;
import org.fermix.web.chart.Drawings;
import org.fermix.web.check.VerdictWords;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.NotHere;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Practice with hidden faults. */
@Controller
@RequestMapping("/practice")
class PracticeController {
  private static final int SHOWN = 12;

  private final Rounds rounds;
  private final Drawings drawings;

  PracticeController(Rounds rounds, Drawings drawings) {
    this.rounds = rounds;
    this.drawings = drawings;
  }

  /** A round in the list. */
  record Past(UUID id, String when, String how, String state) {}

  @GetMapping
  String list(@AuthenticationPrincipal Visitor visitor, Display display, Model model) {
    List<Round> all = rounds.all(visitor);
    model.addAttribute(
        "past", all.stream().limit(SHOWN).map(round -> past(round, display)).toList());
    long named = all.stream().filter(round -> round.named().isPresent()).count();
    long right =
        all.stream()
            .filter(
                round ->
                    round
                        .named()
                        .filter(cause -> cause == new Practice(round.seed()).cause())
                        .isPresent())
            .count();
    model.addAttribute("tally", named == 0 ? "" : right + " of " + named + " faults found.");
    return "practice/list";
  }

  private static Past past(Round round, Display display) {
    Practice practice = new Practice(round.seed());
    String when = display.moment(round.begunAt());
    int taken = round.readings().size();
    String readings = taken == 1 ? "1 reading" : taken + " readings";
    return round
        .named()
        .map(
            cause ->
                cause == practice.cause()
                    ? new Past(
                        round.id(), when, VerdictWords.cause(cause) + ", " + readings, "found")
                    : new Past(
                        round.id(),
                        when,
                        "it was: " + VerdictWords.cause(practice.cause()) + ", " + readings,
                        "missed"))
        .orElseGet(() -> new Past(round.id(), when, readings + " so far", "open"));
  }

  @PostMapping
  String begin(@AuthenticationPrincipal Visitor visitor) {
    return "redirect:/practice/" + rounds.begin(visitor);
  }

  @GetMapping("/{id}")
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    return page(rounds.round(visitor, id), "", display, model);
  }

  @PostMapping("/{id}/take/{slug}")
  String take(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, @PathVariable String slug) {
    ReadingKind kind =
        Arrays.stream(ReadingKind.values())
            .filter(each -> PracticePage.slug(each).equals(slug))
            .findFirst()
            .orElseThrow(() -> new NotHere("reading"));
    rounds.take(visitor, id, kind);
    return "redirect:/practice/" + id;
  }

  @PostMapping("/{id}/name")
  String name(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "") String cause,
      Display display,
      Model model,
      HttpServletResponse response) {
    List<Cause> named =
        Arrays.stream(Cause.values())
            .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(cause))
            .toList();
    if (named.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(rounds.round(visitor, id), "Choose the cause you think it is.", display, model);
    }
    rounds.name(visitor, id, named.get(0));
    return "redirect:/practice/" + id;
  }

  private static String page(Round round, String fault, Display display, Model model) {
    model.addAttribute("id", round.id());
    model.addAttribute("fault", fault);
    model.addAttribute("page", PracticePage.of(round, display));
    return "practice/round";
  }

  @GetMapping("/{id}/doubt.svg")
  ResponseEntity<String> doubt(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, Display display) {
    DoubtChart chart =
        PracticePage.of(rounds.round(visitor, id), display).result().stream()
            .findFirst()
            .orElseThrow(() -> new NotHere("drawing"))
            .chart();
    return drawings.file(
        Drawing.of(
            "practice/doubt :: drawing",
            "doubt",
            chart,
            chart.width(),
            chart.height(),
            "Doubt left, in bits, after each reading",
            chart.summary()));
  }
}
