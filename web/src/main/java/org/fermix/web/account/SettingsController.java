package org.fermix.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.fermix.core.quantity.ShortPattern;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.Preferences;
import org.fermix.web.shared.ReaderCookies;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** How things are shown in a garage: units, time zone, currency. */
@Controller
class SettingsController {
  /** One slash, and nothing a browser could read as a host. */
  private static final ShortPattern ON_THIS_SERVER =
      ShortPattern.of("/(?![/\\\\])[\\w\\-./?=&%+,]*", 500);

  private final Accounts accounts;
  private final GarageKeys keys;

  SettingsController(Accounts accounts, GarageKeys keys) {
    this.accounts = accounts;
    this.keys = keys;
  }

  /** Switches the unit system, from any page. */
  @PostMapping("/units")
  String units(
      @AuthenticationPrincipal @Nullable Visitor visitor,
      HttpServletRequest request,
      HttpServletResponse response,
      @RequestParam String system,
      @RequestParam(defaultValue = "/") String back) {
    UnitSystem chosen = system.equals("us") ? UnitSystem.US : UnitSystem.METRIC;
    ReaderCookies.writeUnits(request, response, chosen);
    // Where the garage says "as in this browser", one browser's choice is its own.
    if (visitor != null && visitor.preferences().units().isPresent()) {
      accounts.prefer(visitor, visitor.preferences().in(chosen));
    }
    return "redirect:" + (ON_THIS_SERVER.matches(back) ? back : "/");
  }

  @GetMapping("/garage/settings")
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @RequestParam(required = false) @Nullable String saved,
      @RequestParam(required = false) @Nullable String changed,
      Display display,
      Model model) {
    model.addAttribute("saved", saved != null);
    model.addAttribute("changed", changed != null);
    return form(model, display, visitor, SettingsForm.of(visitor.preferences(), display));
  }

  @PostMapping("/garage/settings")
  String save(
      @AuthenticationPrincipal Visitor visitor,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletRequest request,
      HttpServletResponse response) {
    Form form = Form.typed(SettingsForm.of(visitor.preferences(), display), parameters);
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return form(model, display, visitor, form);
    }
    Preferences chosen = SettingsForm.read(form);
    accounts.prefer(visitor, chosen);
    chosen.units().ifPresent(units -> ReaderCookies.writeUnits(request, response, units));
    return "redirect:/garage/settings?saved";
  }

  private String form(Model model, Display display, Visitor visitor, Form form) {
    model.addAttribute("form", form);
    model.addAttribute("demo", visitor.demo());
    model.addAttribute("browsers", keys.browsers(visitor.garageId()));
    model.addAttribute(
        "written", keys.writtenAt(visitor.garageId()).map(display::moment).orElse(""));
    return "account/settings";
  }
}
