package org.fermix.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The first page and the two ways in. */
@Controller
class StartController {
  private final Accounts accounts;

  StartController(Accounts accounts) {
    this.accounts = accounts;
  }

  @GetMapping("/")
  String start(
      HttpServletRequest request,
      @RequestParam(required = false) @Nullable String closed,
      Model model) {
    model.addAttribute("closed", closed != null);
    model.addAttribute(
        "hasOwn",
        GarageCookies.read(request, GarageCookies.KEY).flatMap(accounts::guest).isPresent());
    return "start/page";
  }

  @PostMapping("/garage/open-demo")
  String openDemo(HttpServletRequest request, HttpServletResponse response) {
    GarageCookies.write(request, response, GarageCookies.OPEN, GarageCookies.DEMO);
    return "redirect:/garage";
  }

  @PostMapping("/garage/open-own")
  String openOwn(HttpServletRequest request, HttpServletResponse response) {
    if (GarageCookies.read(request, GarageCookies.KEY).flatMap(accounts::guest).isEmpty()) {
      GarageCookies.write(request, response, GarageCookies.KEY, accounts.openGuestGarage());
    }
    GarageCookies.write(request, response, GarageCookies.OPEN, GarageCookies.OWN);
    return "redirect:/garage";
  }
}
