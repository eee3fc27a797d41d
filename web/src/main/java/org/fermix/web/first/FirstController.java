package org.fermix.web.first;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.machine.EngineClass;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.account.Ways;
import org.fermix.web.garage.Garage;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Stop;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.machine.Description;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.Htmx;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The first page: four things are said, and what typical batteries would do is drawn. */
@Controller
class FirstController {
  private static final String KIND = "kind";
  private static final int MOST_KNOWN = 60;

  /** Apart from what garages ask, so that passers-by do not push that out. */
  private final Cache<Asked, Answer> known = Caffeine.newBuilder().maximumSize(MOST_KNOWN).build();

  private final Ways ways;
  private final Garage garage;
  private final Jobs jobs;
  private final Needs needs;
  private final LineUp lineUp;

  FirstController(Ways ways, Garage garage, Jobs jobs, Needs needs, LineUp lineUp) {
    this.ways = ways;
    this.garage = garage;
    this.jobs = jobs;
    this.needs = needs;
    this.lineUp = lineUp;
  }

  /** A kind to choose. */
  public record Kind(String name, String words, String mark, boolean chosen) {}

  @GetMapping("/")
  String show(
      HttpServletRequest request,
      @RequestParam(required = false) @Nullable String closed,
      @RequestParam(required = false) @Nullable String forgotten,
      @RequestParam Map<String, String> parameters,
      Display display,
      Htmx htmx,
      Model model,
      HttpServletResponse response) {
    model.addAttribute("closed", closed != null);
    model.addAttribute("forgotten", forgotten != null);
    var unused = page(request, parameters, display, model);
    response.addHeader(HttpHeaders.VARY, "HX-Request");
    return htmx.wantsPart() ? "first/page :: work" : "first/page";
  }

  private Form page(
      HttpServletRequest request, Map<String, String> parameters, Display display, Model model) {
    MachineKind kind = kind(parameters);
    boolean example = parameters.keySet().stream().noneMatch(KIND::equals);
    Map<String, String> typed = example ? Map.of() : ofKind(kind, parameters);
    Form form = FirstForm.of(kind, typed, FirstForm.drawn(display, parameters));
    model.addAttribute("example", example);
    model.addAttribute(
        "kinds",
        Arrays.stream(MachineKind.values())
            .map(each -> new Kind(each.name(), each.words(), each.mark(), each == kind))
            .toList());
    model.addAttribute("kind", kind.name());
    model.addAttribute("kindWords", kind.words());
    model.addAttribute("turns", kind != MachineKind.ELECTRIC);
    model.addAttribute("engines", kind.engines());
    model.addAttribute("type", FirstForm.type(kind, form).id());
    model.addAttribute("form", form);
    model.addAttribute(
        "usual", FirstForm.need(kind, FirstForm.of(kind, Map.of(KIND, ""), display)));
    model.addAttribute("sound", form.isSound());
    model.addAttribute(
        "answer",
        answer(
            kind,
            form.isSound()
                ? form
                : asFarAsRight(kind, form, typed, FirstForm.drawn(display, parameters)),
            display));
    model.addAttribute("hasOwn", ways.hasOwn(request));
    return form;
  }

  /** What was typed without what is wrong in it: that is left as it usually is. */
  private static Form asFarAsRight(
      MachineKind kind, Form form, Map<String, String> typed, Display display) {
    Map<String, String> right = new HashMap<>(typed);
    form.wrong().forEach(view -> right.remove(view.field().name()));
    Form rest = FirstForm.of(kind, right, display);
    return rest.isSound() ? rest : FirstForm.of(kind, Map.of(KIND, ""), display);
  }

  /** What is asked about; the answer depends on nothing else. */
  private record Asked(MachineKind kind, String drawn, List<String> values, Display display) {}

  private Answer answer(MachineKind kind, Form form, Display display) {
    List<String> values =
        form.views().stream().map(view -> view.field().name() + "=" + view.value()).toList();
    return known.get(
        new Asked(kind, form.drawn(), values, display), asked -> Answer.of(kind, form, display));
  }

  /** What was typed, but for the engine of another kind that was chosen before. */
  private static Map<String, String> ofKind(MachineKind kind, Map<String, String> parameters) {
    Map<String, String> typed = new HashMap<>(parameters);
    String type = typed.getOrDefault("type", "");
    if (kind.engines().stream().noneMatch(each -> each.id().equals(type))) {
      typed.remove("type");
      typed.remove("litres");
    }
    return typed;
  }

  private static MachineKind kind(Map<String, String> parameters) {
    return MachineKind.find(parameters.getOrDefault(KIND, "")).orElse(MachineKind.CAR);
  }

  /** Keeps what was said as a machine of one's own garage; its bench compares real labels. */
  @PostMapping("/first/keep")
  String keep(
      HttpServletRequest request,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    MachineKind kind = kind(parameters);
    Form form = FirstForm.of(kind, ofKind(kind, parameters), FirstForm.drawn(display, parameters));
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      var unused = page(request, parameters, display, model);
      return "first/page";
    }
    Visitor visitor = ways.openOwn(request, response);
    EngineClass type = FirstForm.type(kind, form);
    Optional<UUID> job =
        garage.add(
            visitor.garageId(),
            Submissions.number(parameters.getOrDefault("number", "")),
            new Description(kind.usualName(), type, form.numberOrNull("litres"), null, null, null));
    if (job.isEmpty()) {
      return "redirect:/garage";
    }
    OpenJob open = jobs.open(visitor, job.get());
    if (!needs.isStarted(open)) {
      Map<String, String> said = new HashMap<>();
      put(said, "coldest", form, "coldest");
      put(said, "layUp", form, "days");
      if (!said.isEmpty()) {
        said.put("currency", open.usualCurrency());
        needs.store(open, said);
      }
      if (form.text("chemistry").isPresent() && form.number("cca").isPresent()) {
        // Once for each job: the same form may be sent twice.
        lineUp.add(open, ofJob(job.get()), false, label(kind, form));
      }
    }
    return "redirect:" + open.path(Stop.LINE_UP);
  }

  private static UUID ofJob(UUID job) {
    return UUID.nameUUIDFromBytes(("label in hand of " + job).getBytes(StandardCharsets.UTF_8));
  }

  private static void put(Map<String, String> said, String name, Form form, String field) {
    form.number(field).ifPresent(value -> said.put(name, Double.toString(value)));
  }

  private static Map<String, String> label(MachineKind kind, Form form) {
    Map<String, String> label = new HashMap<>();
    var size = FirstForm.inHand(form, FirstForm.need(kind, form)).orElseThrow().size();
    label.put("name", "The one in hand");
    label.put("chemistry", form.text("chemistry").orElseThrow());
    label.put("test", "cca");
    put(label, "cranking", form, "cca");
    put(label, "capacity", form, "ah");
    label.put("length", Double.toString(size.lengthMm()));
    label.put("width", Double.toString(size.widthMm()));
    label.put("height", Double.toString(size.heightMm()));
    label.put("side", "RIGHT");
    return label;
  }
}
