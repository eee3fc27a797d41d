package org.fermix.web.lineup;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.battery.Offer;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.need.Judge;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Download;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.StaleEdit;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
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

/** The Line-up stop. */
@Controller
@RequestMapping("/jobs/{id}/lineup")
class LineUpController {
  private static final int MOST_PRICES = 12;

  private final Jobs jobs;
  private final Rails rails;
  private final Needs needs;
  private final LineUp lineUp;
  private final Arrangements arrangements;
  private final Judge judge;
  private final Clock clock;

  LineUpController(
      Jobs jobs,
      Rails rails,
      Needs needs,
      LineUp lineUp,
      Arrangements arrangements,
      Judge judge,
      Clock clock) {
    this.arrangements = arrangements;
    this.jobs = jobs;
    this.rails = rails;
    this.needs = needs;
    this.lineUp = lineUp;
    this.judge = judge;
    this.clock = clock;
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID removed,
      @RequestParam(required = false) @Nullable UUID changed,
      @RequestParam(required = false) @Nullable String full,
      @RequestParam(name = "nofree", required = false) @Nullable String noFree,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Display money = display.in(needs.currency(job));
    List<Entry> entries = lineUp.entries(job);
    Need need = needs.of(job);
    Optional<Judge.Judged> judged =
        entries.isEmpty() ? Optional.empty() : Optional.of(judge.judge(job, need));
    LocalDate day = LocalDate.now(clock.withZone(display.zone()));
    List<LabelCard> cards =
        entries.stream()
            .map(entry -> LabelCard.of(entry, judged, need.tray(), day, money))
            .toList();
    model.addAttribute("job", job);
    model.addAttribute("number", Submissions.number());
    model.addAttribute("chemistries", ChemistryCard.all());
    model.addAttribute("noFree", noFree != null);
    model.addAttribute("onlyToday", cards.stream().allMatch(LabelCard::today));
    model.addAttribute("rail", rails.of(job, Stop.LINE_UP, display));
    model.addAttribute("cards", cards);
    model.addAttribute("offers", offers(job, money));
    model.addAttribute("hasToday", cards.stream().anyMatch(LabelCard::today));
    model.addAttribute("hasRoom", lineUp.freeLetter(job, false).isPresent());
    entries.stream()
        .filter(entry -> entry.id().equals(changed) && entry.label().canUndo())
        .findFirst()
        .flatMap(entry -> cards.stream().filter(card -> card.id().equals(entry.id())).findFirst())
        .ifPresent(card -> model.addAttribute("changed", card));
    if (removed != null && lineUp.entry(job, removed).removed()) {
      model.addAttribute(
          "removed",
          LabelCard.of(lineUp.entry(job, removed), Optional.empty(), Optional.empty(), day, money));
      model.addAttribute("full", full != null);
    }
    return "lineup/page";
  }

  /** Puts a typical battery of each chemistry into an empty line-up. */
  @PostMapping("/typical")
  String typical(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "") String number) {
    OpenJob job = jobs.open(visitor, id);
    UUID first = Submissions.number(number);
    int place = 0;
    for (Label label : TypicalBattery.of(needs.of(job))) {
      // One form makes several: each has a number of its own that follows from the form's.
      UUID own = new UUID(first.getMostSignificantBits(), first.getLeastSignificantBits() + place);
      if (lineUp.add(job, own, label, Optional.empty(), false).isEmpty()) {
        return "redirect:" + job.path(Stop.LINE_UP) + "?nofree";
      }
      place++;
    }
    return "redirect:" + job.path(Stop.BENCH);
  }

  @GetMapping("/{which:new|today}")
  String add(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String which,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    boolean today = which.equals("today");
    if (lineUp.freeLetter(job, today).isEmpty()) {
      return "redirect:" + job.path(Stop.LINE_UP);
    }
    Form form = BatteryForm.blank(today, display.in(needs.currency(job)));
    return form(job, display, form, today, "/" + which, 0, model);
  }

  @PostMapping("/{which:new|today}")
  String add(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String which,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    boolean today = which.equals("today");
    Form form =
        BatteryForm.typed(BatteryForm.blank(today, display.in(needs.currency(job))), parameters);
    UUID number = Submissions.number(parameters.getOrDefault("number", ""));
    if (form.isSound() && lineUp.add(job, number, today, form, false)) {
      return "redirect:" + job.path(Stop.LINE_UP);
    }
    if (form.isSound()) {
      form.complain(
          "name",
          today
              ? "Today’s battery is already described; change that one."
              : "The line-up is full: at most " + LineUp.LETTERS.size() + " candidates.");
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return form(job, display, form, today, "/" + which, 0, model);
  }

  @GetMapping("/{batteryId:[0-9a-f-]{36}}")
  String change(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID batteryId,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Entry entry = lineUp.entry(job, batteryId);
    model.addAttribute("wasRemoved", entry.removed());
    return form(
        job,
        display,
        formOf(job, entry, display),
        entry.isToday(),
        "/" + batteryId,
        entry.label().version(),
        model);
  }

  @PostMapping("/{batteryId:[0-9a-f-]{36}}")
  String change(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID batteryId,
      @RequestParam long version,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Entry entry = lineUp.entry(job, batteryId);
    Form form = BatteryForm.typed(formOf(job, entry, display), parameters);
    model.addAttribute("wasRemoved", entry.removed());
    long shownVersion = version;
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    } else {
      try {
        lineUp.change(job, batteryId, version, form);
        return "redirect:" + job.path(Stop.LINE_UP) + "?changed=" + batteryId;
      } catch (StaleEdit | OptimisticLockingFailureException e) {
        job.forget();
        Entry now = lineUp.entry(job, batteryId);
        response.setStatus(HttpStatus.CONFLICT.value());
        model.addAttribute("differences", form.differencesFrom(formOf(job, now, display)));
        shownVersion = now.label().version();
      }
    }
    return form(job, display, form, entry.isToday(), "/" + batteryId, shownVersion, model);
  }

  /** A copy to vary: the same label under the next letter, opened to be changed. */
  @PostMapping("/{batteryId:[0-9a-f-]{36}}/duplicate")
  String duplicate(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID batteryId,
      @RequestParam(defaultValue = "") String number) {
    OpenJob job = jobs.open(visitor, id);
    String base = "redirect:" + job.path(Stop.LINE_UP);
    return lineUp
        .duplicate(job, Submissions.number(number), batteryId)
        .map(copy -> base + "/" + copy)
        .orElse(base + "?nofree");
  }

  @PostMapping("/{batteryId:[0-9a-f-]{36}}/remove")
  String remove(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID batteryId) {
    OpenJob job = jobs.open(visitor, id);
    lineUp.remove(job, batteryId);
    return "redirect:" + job.path(Stop.LINE_UP) + "?removed=" + batteryId;
  }

  @PostMapping("/{batteryId:[0-9a-f-]{36}}/undo")
  String undo(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID batteryId) {
    OpenJob job = jobs.open(visitor, id);
    lineUp.undo(job, batteryId);
    return "redirect:" + job.path(Stop.LINE_UP);
  }

  @PostMapping("/{batteryId:[0-9a-f-]{36}}/restore")
  String restore(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID batteryId) {
    OpenJob job = jobs.open(visitor, id);
    String back = "redirect:" + job.path(Stop.LINE_UP);
    return lineUp.restore(job, batteryId) ? back : back + "?full&removed=" + batteryId;
  }

  private Map<UUID, List<String>> offers(OpenJob job, Display money) {
    Map<UUID, List<String>> words = new HashMap<>();
    lineUp
        .asked(job)
        .forEach(
            (id, offers) ->
                words.put(
                    id,
                    offers.stream()
                        .sorted(Comparator.comparing(Offer::madeAt).reversed())
                        .limit(MOST_PRICES)
                        .map(
                            offer ->
                                money
                                        .in(offer.currency())
                                        .show(offer.price().doubleValue(), Unit.MONEY, 2)
                                        .text()
                                    + ", "
                                    + money.moment(offer.madeAt())
                                    + offer.seller().map(", "::concat).orElse(""))
                        .toList()));
    return words;
  }

  /** Two labels side by side, what differs first. */
  @GetMapping("/beside")
  String beside(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "") String one,
      @RequestParam(defaultValue = "") String other,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    List<Entry> entries = lineUp.entries(job);
    if (entries.size() < 2) {
      return "redirect:" + job.path(Stop.LINE_UP);
    }
    Entry left =
        entry(entries, one, entries.get(entries.get(0).isToday() && entries.size() > 2 ? 1 : 0));
    Entry right =
        entry(
            entries,
            other,
            entries.stream().filter(each -> !each.equals(left)).reduce((a, b) -> b).orElse(left));
    model.addAttribute("rail", rails.of(job, Stop.LINE_UP, display));
    model.addAttribute("letters", entries.stream().map(Entry::letter).toList());
    model.addAttribute("one", left.letter());
    model.addAttribute("other", right.letter());
    model.addAttribute("pair", SideBySide.of(left, right, money(job, display)));
    return "lineup/beside";
  }

  private static Entry entry(List<Entry> entries, String letter, Entry otherwise) {
    return entries.stream()
        .filter(each -> each.letter().equals(letter))
        .findFirst()
        .orElse(otherwise);
  }

  @GetMapping("/arrange")
  String arrange(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    return arrange(
        job, display, ArrangeForm.blank(lineUp.entries(job), money(job, display)), model);
  }

  /** Makes an arrangement of batteries that are in the line-up. */
  @PostMapping("/arrange")
  String arrange(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Form form =
        ArrangeForm.typed(ArrangeForm.blank(lineUp.entries(job), money(job, display)), parameters);
    UUID number = Submissions.number(parameters.getOrDefault("number", ""));
    if (form.isSound() && arrangements.arrange(job, number, ArrangeForm.read(form))) {
      return "redirect:" + job.path(Stop.LINE_UP);
    }
    if (form.isSound()) {
      form.complain(
          "start", "The line-up is full: at most " + LineUp.LETTERS.size() + " candidates.");
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return arrange(job, display, form, model);
  }

  private Display money(OpenJob job, Display display) {
    return display.in(needs.currency(job));
  }

  private String arrange(OpenJob job, Display display, Form form, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.LINE_UP, display));
    model.addAttribute("form", form);
    model.addAttribute("slots", ArrangeForm.slots(form));
    model.addAttribute("number", Submissions.number());
    return "lineup/arrange";
  }

  /** The line-up to take along, today’s battery as well. */
  @GetMapping("/line-up.{format:csv|json}")
  ResponseEntity<String> export(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String format) {
    List<Label> labels = LabelTable.of(lineUp.entries(jobs.open(visitor, id)));
    return Download.of(
        format.equals("csv") ? LabelTable.csv(labels) : LabelTable.json(labels),
        "line-up." + format);
  }

  private Form formOf(OpenJob job, Entry entry, Display display) {
    return BatteryForm.of(entry, display.in(needs.currency(job)));
  }

  private String form(
      OpenJob job,
      Display display,
      Form form,
      boolean today,
      String action,
      long version,
      Model model) {
    model.addAttribute("rail", rails.of(job, Stop.LINE_UP, display));
    model.addAttribute("form", form);
    model.addAttribute("today", today);
    int first = BatteryForm.first(today);
    model.addAttribute("first", first);
    model.addAttribute(
        "more",
        form.views().stream().skip(first).anyMatch(view -> !view.isEmpty() || view.isWrong()));
    model.addAttribute("adding", version == 0 && !action.contains("-"));
    model.addAttribute("action", job.path(Stop.LINE_UP) + action);
    model.addAttribute("version", version);
    model.addAttribute("number", Submissions.number());
    return "lineup/battery";
  }
}
