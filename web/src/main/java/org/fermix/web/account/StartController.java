package org.fermix.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The ways in: the demo, one's own garage, a key that was written down. */
@Controller
class StartController {
  private static final String KEY = "key";
  private static final String INSTEAD = "instead";

  private static final List<Field> BRING =
      List.of(
          Field.text(KEY, "Garage key", 80)
              .needed()
              .withHelp("25 letters and digits; capitals, spaces and hyphens do not matter."));

  private final Ways ways;

  StartController(Ways ways) {
    this.ways = ways;
  }

  @GetMapping("/garage/bring")
  String key(Display display, Model model) {
    return page(Form.blank(BRING, display), "", model);
  }

  private static String page(Form form, String instead, Model model) {
    model.addAttribute("bring", form);
    model.addAttribute("instead", instead);
    return "start/bring";
  }

  @PostMapping("/garage/open-demo")
  String openDemo(HttpServletRequest request, HttpServletResponse response) {
    ways.openDemo(request, response);
    return "redirect:/garage";
  }

  @PostMapping("/garage/restart-demo")
  String restartDemo(
      @AuthenticationPrincipal Visitor visitor,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (visitor.demo()) {
      ways.restartDemo(visitor, request, response);
    }
    return "redirect:/garage";
  }

  @PostMapping("/garage/open-own")
  String openOwn(HttpServletRequest request, HttpServletResponse response) {
    var unused = ways.openOwn(request, response);
    return "redirect:/garage";
  }

  @PostMapping("/garage/bring")
  String bring(
      @RequestParam Map<String, String> parameters,
      HttpServletRequest request,
      HttpServletResponse response,
      Display display,
      Model model) {
    Form form = Form.typed(Form.blank(BRING, display), parameters);
    String instead = "";
    if (form.isSound() && WrittenKey.read(form.text(KEY).orElseThrow()).isEmpty()) {
      form.complain(
          KEY,
          "A key has 25 letters and digits, without U; this is something else. Compare it with what"
              + " was written down.");
    } else if (form.isSound()) {
      Optional<UUID> garage = ways.written(form.text(KEY).orElseThrow(), request);
      if (garage.isEmpty()) {
        form.complain(
            KEY,
            "No garage opens by this key. Compare it sign by sign: O is read as 0, I and L as 1;"
                + " a key is worth nothing once another was written down or the keys were changed.");
      } else {
        instead = parameters.containsKey(INSTEAD) ? "" : ways.wouldBeLost(garage.get(), request);
        if (instead.isEmpty()) {
          ways.bring(garage.get(), request, response);
          return "redirect:/garage";
        }
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return page(form, instead, model);
  }
}
