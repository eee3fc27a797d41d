package org.fermix.web.shared;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Switches the unit system, from any page. */
@Controller
class UnitsController {
  @PostMapping("/units")
  String choose(
      HttpServletResponse response,
      @RequestParam String system,
      @RequestParam(defaultValue = "/") String back) {
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(ReaderArguments.UNITS, system.equals("us") ? "us" : "metric")
            .httpOnly(true)
            .sameSite("Lax")
            .path("/")
            .maxAge(Duration.ofDays(365))
            .build()
            .toString());
    // Only an address on this server: one slash, and nothing a browser could read as a host.
    boolean local = back.matches("/(?![/\\\\])[\\w\\-./?=&%+,]*");
    return "redirect:" + (local ? back : "/");
  }
}
