package org.fermix.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The ways into a garage from a browser, and out of it: what is asked, and which cookies follow.
 */
@Service
public class Ways {
  private static final Logger LOG = LoggerFactory.getLogger(Ways.class);

  private final Accounts accounts;
  private final GarageKeys keys;
  private final GarageCookies cookies;
  private final Allowances allowances;
  private final TransactionTemplate transaction;

  Ways(
      Accounts accounts,
      GarageKeys keys,
      GarageCookies cookies,
      Allowances allowances,
      TransactionTemplate transaction) {
    this.accounts = accounts;
    this.keys = keys;
    this.cookies = cookies;
    this.allowances = allowances;
    this.transaction = transaction;
  }

  /** Whose own garage this browser has a key to. */
  Optional<Visitor> own(HttpServletRequest request) {
    return found(request, GarageCookies.Use.OWN_KEY);
  }

  private Optional<Visitor> found(HttpServletRequest request, GarageCookies.Use key) {
    return cookies
        .read(request, key)
        .flatMap(each -> accounts.visitor(each, key == GarageCookies.Use.DEMO_KEY, false));
  }

  /** Opens this browser's copy of the demo; a new one where it has none. */
  void openDemo(HttpServletRequest request, HttpServletResponse response) {
    var unused = enter(request, response, GarageCookies.Use.DEMO_KEY);
  }

  /** True where this browser has a garage of its own. */
  public boolean hasOwn(HttpServletRequest request) {
    return own(request).isPresent();
  }

  /** Opens this browser's own garage; a new one where it has none. */
  public Visitor openOwn(HttpServletRequest request, HttpServletResponse response) {
    return enter(request, response, GarageCookies.Use.OWN_KEY);
  }

  private Visitor enter(
      HttpServletRequest request, HttpServletResponse response, GarageCookies.Use key) {
    boolean demo = key == GarageCookies.Use.DEMO_KEY;
    Optional<Visitor> known = found(request, key);
    String now;
    if (known.isPresent()) {
      String old = cookies.read(request, key).orElseThrow();
      now = accounts.exchange(known.get(), old);
    } else {
      allowances.take(Allowances.Kind.OPENING, request.getRemoteAddr());
      now = demo ? accounts.openDemo() : accounts.openGuestGarage();
    }
    cookies.write(request, response, key, now);
    cookies.open(request, response, demo);
    return known.orElseGet(() -> accounts.visitor(now, demo, false).orElseThrow());
  }

  /** Throws a visitor's copy of the demo away and opens a fresh one. */
  void restartDemo(Visitor visitor, HttpServletRequest request, HttpServletResponse response) {
    allowances.take(Allowances.Kind.OPENING, request.getRemoteAddr());
    accounts.forget(visitor.garageId());
    cookies.write(request, response, GarageCookies.Use.DEMO_KEY, accounts.openDemo());
  }

  /** The garage that a written key opens; trying is limited. */
  Optional<UUID> written(String typed, HttpServletRequest request) {
    allowances.take(Allowances.Kind.KEY, request.getRemoteAddr());
    Optional<UUID> garage = keys.writtenOpens(typed);
    if (garage.isEmpty()) {
      LOG.warn("key refused");
    }
    return garage;
  }

  /**
   * What this browser could never open again once another garage is brought to it, in words; empty
   * where nothing.
   */
  String wouldBeLost(UUID brought, HttpServletRequest request) {
    return own(request)
        .map(Visitor::garageId)
        .filter(id -> !id.equals(brought))
        .filter(id -> keys.writtenAt(id).isEmpty() && keys.browsers(id) < 2)
        .map(accounts::holdings)
        .filter(holdings -> !holdings.isEmpty())
        .map(HoldingsWords::of)
        .orElse("");
  }

  /** Opens a garage in this browser whose written key was given. */
  void bring(UUID garageId, HttpServletRequest request, HttpServletResponse response) {
    LOG.info("key brought garage={}", garageId);
    String key = transaction.execute(status -> keys.forBrowser(garageId));
    cookies.write(request, response, GarageCookies.Use.OWN_KEY, key == null ? "" : key);
    cookies.open(request, response, false);
  }

  /** A key to write down, in place of the one there was. */
  String toWriteDown(Visitor visitor) {
    LOG.info("key written garage={}", visitor.garageId());
    String key = transaction.execute(status -> keys.toWriteDown(visitor.garageId()));
    return key == null ? "" : key;
  }

  /** Closes a garage in every other browser, and makes its written key worthless. */
  void changeKeys(Visitor visitor, HttpServletRequest request, HttpServletResponse response) {
    LOG.info("keys changed garage={}", visitor.garageId());
    String key = transaction.execute(status -> keys.changeAll(visitor.garageId()));
    cookies.write(request, response, GarageCookies.Use.OWN_KEY, key == null ? "" : key);
  }

  /** Forgets a garage, and its key in this browser. */
  void forget(Visitor visitor, HttpServletRequest request, HttpServletResponse response) {
    LOG.info("forgotten garage={}", visitor.garageId());
    accounts.forget(visitor.garageId());
    // What the browser kept for work without a connection goes as well.
    response.setHeader("Clear-Site-Data", "\"storage\"");
    cookies.clear(
        request, response, visitor.demo() ? GarageCookies.Use.DEMO_KEY : GarageCookies.Use.OWN_KEY);
    cookies.clear(request, response, GarageCookies.Use.OPEN);
  }
}
