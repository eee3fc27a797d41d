package org.fermix.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.fermix.web.shared.NotHere;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The keys to one's own garage, and forgetting it. */
@Controller
@RequestMapping("/garage")
class KeyController {
  private final Ways ways;
  private final Accounts accounts;

  KeyController(Ways ways, Accounts accounts) {
    this.ways = ways;
    this.accounts = accounts;
  }

  /** Shows the new key this once. */
  @PostMapping("/key")
  String writeDown(@AuthenticationPrincipal Visitor visitor, Model model) {
    owned(visitor);
    model.addAttribute("key", ways.toWriteDown(visitor));
    return "account/key";
  }

  @PostMapping("/keys/change")
  String change(
      @AuthenticationPrincipal Visitor visitor,
      HttpServletRequest request,
      HttpServletResponse response) {
    owned(visitor);
    ways.changeKeys(visitor, request, response);
    return "redirect:/garage/settings?changed";
  }

  @GetMapping("/forget")
  String ask(@AuthenticationPrincipal Visitor visitor, Model model) {
    owned(visitor);
    model.addAttribute("holdings", HoldingsWords.of(accounts.holdings(visitor.garageId())));
    return "account/forget";
  }

  @PostMapping("/forget")
  String forget(
      @AuthenticationPrincipal Visitor visitor,
      HttpServletRequest request,
      HttpServletResponse response) {
    owned(visitor);
    ways.forget(visitor, request, response);
    return "redirect:/?forgotten";
  }

  /** A copy of the demo has no keys and is thrown away by itself. */
  private static void owned(Visitor visitor) {
    if (visitor.demo()) {
      throw new NotHere("garage of one's own");
    }
  }
}
