package org.fermix.web.decide;

import jakarta.servlet.http.HttpServletResponse;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Hold;
import org.fermix.core.decision.ModelPrint;
import org.fermix.core.decision.Ranked;
import org.fermix.core.plan.Extra;
import org.fermix.core.quantity.Unit;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.bench.Benches;
import org.fermix.web.bench.HoldWords;
import org.fermix.web.bench.Recommendation;
import org.fermix.web.bench.Stretches;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Download;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.StaleEdit;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
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

/** The Decide stop: the recommendation in the owner's own conditions, settled and taken along. */
@Controller
@RequestMapping("/jobs/{id}/decide")
class DecideController {
  private static final int LONGEST_REASON = 300;
  private static final double MOST_COST = 100_000;
  private static final String COST = "cost-";

  private final Jobs jobs;
  private final Rails rails;
  private final Benches benches;
  private final Settlements settlements;
  private final Bills bills;
  private final SheetMarkup markup;
  private final SheetPdf pdf;

  DecideController(
      Jobs jobs,
      Rails rails,
      Benches benches,
      Settlements settlements,
      Bills bills,
      SheetMarkup markup,
      SheetPdf pdf) {
    this.jobs = jobs;
    this.rails = rails;
    this.benches = benches;
    this.settlements = settlements;
    this.bills = bills;
    this.markup = markup;
    this.pdf = pdf;
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    return page(job, display, Map.of(), model);
  }

  private String page(OpenJob job, Display display, Map<String, String> typed, Model model) {
    Display money = display.in(benches.currency(job));
    Bench bench = benches.of(job);
    Decision decision = benches.ownDecision(job);
    Sheet now = settlements.now(job, "", "", money);
    Optional<StoredSettlement> standing = settlements.standing(job);
    model.addAttribute("rail", rails.of(job, Stop.DECIDE, display));
    model.addAttribute("job", job);
    Recommendation advice = benches.advice(job, money);
    model.addAttribute("recommendation", advice);
    model.addAttribute("nothing", decision.answer().forSale().isEmpty());
    model.addAttribute("hasToday", decision.answer().today().isPresent());
    model.addAttribute("layUpEndsInTheCold", bench.need().layUpEndsInTheCold());
    model.addAttribute(
        "stretches",
        Stretches.of(benches.flips(job, decision.answer().conditions()), decision, money));
    model.addAttribute("now", now);
    model.addAttribute("settled", standing.map(each -> settled(each, now, money)).orElse(null));
    model.addAttribute(
        "earlier",
        settlements.all(job).stream()
            .filter(each -> !each.stands())
            .map(each -> settled(each, now, money))
            .toList());
    Sheet shown = standing.map(StoredSettlement::sheet).orElse(now);
    model.addAttribute("sheet", markup.within(shown, said(standing, money)));
    model.addAttribute("costs", costs(job, now, money, typed));
    model.addAttribute("costsVersion", bills.of(job).version());
    model.addAttribute("costsDrawn", costForm(job, now, money).drawn());
    model.addAttribute("number", Submissions.number());
    model.addAttribute("letters", letters(decision, now, advice.buysNow()));
    if (!model.containsAttribute("because")) {
      model.addAttribute("because", "");
    }
    return "decide/page";
  }

  /** One decision as the page says it. */
  public record Settled(
      UUID id,
      String when,
      String letter,
      String headline,
      String because,
      String differs,
      boolean otherModels) {}

  private static Settled settled(StoredSettlement each, Sheet now, Display display) {
    String then = each.sheet().choice().letter();
    String today = now.choice().letter();
    String differs = "";
    // A letter may be borne by another battery by now.
    boolean same = then.equals(today) && each.sheet().choice().name().equals(now.choice().name());
    if (!each.sheet().overruled() && each.stands() && !same) {
      differs =
          today.isEmpty()
              ? "It would now be none of them."
              : "It would now be " + today + ", the " + now.choice().name() + ".";
    }
    return new Settled(
        each.getId(),
        display.moment(each.settledAt()),
        then,
        each.sheet().headline(),
        each.sheet().because(),
        differs,
        !each.sheet().model().equals(ModelPrint.own()));
  }

  private static String said(Optional<StoredSettlement> standing, Display display) {
    return standing.map(each -> "Settled " + display.moment(each.settledAt()) + ".").orElse("");
  }

  /** A letter that can be taken against the advice. */
  public record Letter(String letter, String name, boolean out) {}

  private static List<Letter> letters(Decision decision, Sheet now, boolean buysNow) {
    List<Letter> all = new ArrayList<>();
    for (CandidateAnswer each : decision.answer().forSale()) {
      if (!each.letter().equals(now.choice().letter())) {
        all.add(new Letter(each.letter(), each.candidate().label().name(), !each.isEligible()));
      }
    }
    if (decision.answer().today().isPresent() && buysNow) {
      all.add(new Letter("0", "today’s battery: buy nothing", false));
    }
    return all;
  }

  /** A line of the bill with its field. */
  public record Cost(Sheet.Line line, Form.@Nullable FieldView field) {}

  private List<Cost> costs(OpenJob job, Sheet now, Display display, Map<String, String> typed) {
    Form form = costForm(job, now, display);
    if (!typed.isEmpty()) {
      form = Form.typed(form, typed);
    }
    List<Cost> lines = new ArrayList<>();
    for (Sheet.Line line : now.bill()) {
      lines.add(
          new Cost(
              line,
              line.kind().isEmpty() || line.state().equals("none needed")
                  ? null
                  : form.view(COST + line.kind())));
    }
    return lines;
  }

  private Form costForm(OpenJob job, Sheet now, Display display) {
    Bills.Costs costs = bills.of(job);
    Map<String, Object> values = new HashMap<>();
    List<Field> fields = new ArrayList<>();
    for (Extra.Kind kind : Extra.Kind.values()) {
      fields.add(Field.number(COST + kind.name(), ExtraWords.name(kind), Unit.MONEY, 0, MOST_COST));
      costs
          .of(now.choice().letter(), kind)
          .ifPresent(amount -> values.put(COST + kind.name(), amount));
    }
    return Form.stored(fields, display, values);
  }

  /** What goes with the battery costs this much. */
  @PostMapping("/costs")
  String costs(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "-1") long version,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Display money = display.in(benches.currency(job));
    Sheet now = settlements.now(job, "", "", money);
    Form form = Form.typed(costForm(job, now, money), parameters);
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("fault", "One of the prices cannot be read; it is marked below.");
      return page(job, display, parameters, model);
    }
    Map<Extra.Kind, BigDecimal> costs = new EnumMap<>(Extra.Kind.class);
    for (Extra.Kind kind : Extra.Kind.values()) {
      form.number(COST + kind.name())
          .ifPresent(amount -> costs.put(kind, BigDecimal.valueOf(amount)));
    }
    try {
      bills.keep(job, version, now.choice().letter(), costs, form.currency());
      return "redirect:" + job.path(Stop.DECIDE) + "#bill";
    } catch (StaleEdit | OptimisticLockingFailureException | DataIntegrityViolationException e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      job.forget();
      model.addAttribute(
          "fault",
          "Prices were typed elsewhere since this page was opened. Yours stand in the fields: look at"
              + " them and keep them again.");
      return page(job, display, parameters, model);
    }
  }

  /** Settles on the one advised, or with a reason on another. */
  @PostMapping("/settle")
  String settle(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "") String number,
      @RequestParam(defaultValue = "") String letter,
      @RequestParam(defaultValue = "") String because,
      @RequestParam(defaultValue = "") String sure,
      @RequestParam(defaultValue = "") List<String> unknown,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Display money = display.in(benches.currency(job));
    Decision decision = benches.ownDecision(job);
    String reason = because.strip();
    boolean overrules = !isAdvised(job, decision, letter, money);
    Optional<CandidateAnswer> taken =
        decision.answer().forSale().stream()
            .filter(each -> each.letter().equals(letter))
            .findFirst();
    boolean today = letter.equals("0") && decision.answer().today().isPresent();
    String fault = "";
    if (taken.isEmpty() && !today) {
      fault = "Choose the letter that you take.";
    } else if (overrules && reason.isEmpty()) {
      fault = "Say why " + letter + " is taken against the advice; the reason is kept with it.";
    } else if (reason.length() <= LONGEST_REASON
        && !Form.complaint(reason, LONGEST_REASON).isEmpty()) {
      fault = "The reason: " + Form.complaint(reason, LONGEST_REASON);
    } else if (reason.length() > LONGEST_REASON) {
      fault = "The reason has " + reason.length() + " characters; " + LONGEST_REASON + " are kept.";
    } else if (taken.isPresent() && !taken.get().isEligible() && !sure.equals(letter)) {
      fault =
          letter
              + " fails a gate: "
              + settlements
                  .now(job, letter, reason.isEmpty() ? "—" : reason, money)
                  .others()
                  .stream()
                  .filter(each -> each.letter().equals(letter))
                  .map(Sheet.Also::words)
                  .findFirst()
                  .orElse("")
              + " It can be taken all the same: settle again.";
      model.addAttribute("sure", letter);
    }
    List<HoldWords.Held> held =
        taken.stream()
            .flatMap(each -> Hold.of(decision.answer().need(), each).stream())
            .map(HoldWords::of)
            .toList();
    if (fault.isEmpty() && !held.stream().map(HoldWords.Held::name).allMatch(unknown::contains)) {
      fault =
          "Not known yet: "
              + held.stream().map(HoldWords.Held::what).collect(Collectors.joining(", "))
              + ". Answer it first, or tick that you settle "
              + letter
              + " without knowing.";
    }
    if (!fault.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("unknowns", held);
      model.addAttribute("overruleFault", fault);
      model.addAttribute("because", because);
      model.addAttribute("taken", letter);
      return page(job, display, Map.of(), model);
    }
    try {
      settlements.settle(job, Submissions.number(number), letter, overrules ? reason : "", money);
    } catch (DataIntegrityViolationException e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute(
          "overruleFault",
          "It was settled elsewhere at the same moment, or as often as one job takes. Look at what"
              + " stands now.");
      return page(job, display, Map.of(), model);
    }
    return "redirect:" + job.path(Stop.DECIDE);
  }

  /** True of the leader, and of today's battery where buying is not advised now. */
  private boolean isAdvised(OpenJob job, Decision decision, String letter, Display display) {
    return letter.equals("0")
        ? !benches.advice(job, display).buysNow()
        : decision.leader().map(Ranked::letter).filter(letter::equals).isPresent();
  }

  /** Takes back what was settled, or lets it stand again. */
  @PostMapping("/{which:withdraw|again}/{settlement}")
  String withdraw(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String which,
      @PathVariable UUID settlement) {
    OpenJob job = jobs.open(visitor, id);
    settlements.withdraw(job, settlement, which.equals("again"));
    return "redirect:" + job.path(Stop.DECIDE);
  }

  private record Asked(OpenJob job, Sheet sheet, String settled) {}

  /** What stands, or was once settled; while nothing is, what would be now. */
  private Asked asked(Visitor visitor, UUID id, @Nullable UUID settlement, Display display) {
    OpenJob job = jobs.open(visitor, id);
    Display money = display.in(benches.currency(job));
    Optional<StoredSettlement> settled =
        settlement == null
            ? settlements.standing(job)
            : Optional.of(settlements.one(job, settlement));
    return new Asked(
        job,
        settled.map(StoredSettlement::sheet).orElseGet(() -> settlements.now(job, "", "", money)),
        said(settled, money));
  }

  @GetMapping("/sheet")
  String sheet(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID settled,
      Display display,
      Model model) {
    Asked asked = asked(visitor, id, settled, display);
    model.addAttribute("job", asked.job());
    model.addAttribute("sheet", markup.within(asked.sheet(), asked.settled()));
    model.addAttribute("which", settled == null ? "" : "?settled=" + settled);
    model.addAttribute("letter", "?paper=letter" + (settled == null ? "" : "&settled=" + settled));
    return "decide/sheetpage";
  }

  @GetMapping("/sheet.pdf")
  ResponseEntity<byte[]> pdf(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID settled,
      @RequestParam(defaultValue = "a4") String paper,
      Display display) {
    Asked asked = asked(visitor, id, settled, display);
    byte[] set =
        pdf.of(
            asked.sheet(),
            asked.settled(),
            paper.equals("letter") ? SheetPdf.Paper.LETTER : SheetPdf.Paper.A4);
    return Download.inline(
        set, MediaType.APPLICATION_PDF, asked.sheet().machine() + " counter.pdf");
  }

  @GetMapping("/sheet.txt")
  ResponseEntity<String> text(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID settled,
      Display display) {
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "plain", StandardCharsets.UTF_8))
        .body(SheetText.of(asked(visitor, id, settled, display).sheet()));
  }
}
