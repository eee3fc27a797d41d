package org.fermix.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.fermix.web.shared.TooOften;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** The ways into a garage and out of it, as browsers with and without the right key meet them. */
class WaysInTest extends WebTestBase {
  @LocalServerPort int port;
  @Autowired JdbcClient database;
  @Autowired DataSource dataSource;
  @Autowired Instance instance;
  @Autowired Housekeeping housekeeping;

  private Visit demo() {
    Visit visit = new Visit(port);
    visit.submit("/", "/garage/open-demo", Map.of());
    return visit;
  }

  private UUID garageOf(String job) {
    return database
        .sql("select garage_id from job where id = ?")
        .param(UUID.fromString(job.substring("/jobs/".length())))
        .query(UUID.class)
        .single();
  }

  private static String job(Visit visit, String machine) {
    return Html.all(visit.get("/garage").body(), ".garage-row").stream()
        .filter(row -> row.text().contains(machine))
        .map(row -> row.select("a[href*=/jobs/]").attr("href"))
        .findFirst()
        .orElseThrow();
  }

  /** Every table of a garage is copied with the demo, or said not to be. */
  @Test
  void theDemoIsCopiedWhole() {
    List<String> ofAGarage =
        database
            .sql(
                "select table_name from information_schema.columns where table_schema = 'public'"
                    + " and column_name = 'garage_id'")
            .query(String.class)
            .list();
    assertThat(
            Stream.concat(GarageCopies.COPIED.stream(), GarageCopies.NOT_COPIED.stream()).toList())
        .containsExactlyInAnyOrderElementsOf(ofAGarage);
  }

  /** What is remembered of a garage is asked for again once anything in it has changed. */
  @Test
  void everyTableOfAGarageRaisesItsRevision() {
    assertThat(
            database
                .sql(
                    "select tgrelid::regclass::text from pg_trigger t join pg_proc p on p.oid = tgfoid"
                        + " where proname = 'raise_revision'")
                .query(String.class)
                .list())
        .containsExactlyInAnyOrderElementsOf(GarageCopies.COPIED);
    Visit visit = demo();
    String bench = job(visit, "Juniper") + "/bench";
    assertThat(visit.get(bench).body()).contains("Tern Demo Power 40 LFP");
    database
        .sql(
            "update label set name = 'Renamed Elsewhere' where garage_id = ? and name like 'Tern%'")
        .param(garageOf(job(visit, "Juniper")))
        .update();
    assertThat(visit.get(bench).body()).contains("Renamed Elsewhere").doesNotContain("Tern Demo");
  }

  @Test
  void nothingAVisitorDoesInTheDemoIsSeenByAnother() {
    Visit one = demo();
    Visit other = demo();
    String juniper = job(one, "Juniper");
    assertThat(job(other, "Juniper")).isNotEqualTo(juniper);
    assertThat(other.get(juniper + "/bench").statusCode()).isEqualTo(404);
    assertThat(one.get(juniper + "/bench").body()).contains("Tern Demo Power 40 LFP");
    assertThat(OwnerSteps.text(one, juniper + "/check"))
        .isEqualTo(OwnerSteps.text(other, job(other, "Juniper") + "/check"));
    String machine = Html.link(one.get("/garage").body(), "/machines/");
    for (String each :
        Html.all(one.get("/garage").body(), "a[href*=/machines/]").eachAttr("href")) {
      if (!each.endsWith("/new")) {
        one.submit(each, each + "/remove", Map.of());
      }
    }
    assertThat(machine).isNotEmpty();
    assertThat(one.get("/garage").body()).contains("No machine yet");
    assertThat(other.get("/garage").body()).contains("Juniper", "Wasp");
    assertThat(one.submit("/garage", "/garage/restart-demo", Map.of()).body())
        .contains("Juniper", "Wasp");
    assertThat(one.get("/garage/forget").statusCode()).isEqualTo(404);
  }

  @Test
  void aKeyThatWasWrittenDownOpensTheGarageElsewhere() {
    Visit home = new Visit(port);
    String job = home.ownJob("Otter", "petrol-car");
    String key =
        Html.text(home.submit("/garage/settings", "/garage/key", Map.of()).body(), ".garage-key");
    assertThat(key).matches("([0-9A-Z]{5}-){4}[0-9A-Z]{5}");
    assertThat(home.get("/garage/settings").body()).contains("A key was written down on");
    Visit away = new Visit(port);
    HttpResponse<String> wrong =
        away.submit("/", "/garage/bring", Map.of("key", "00000-00000-00000-00000-00000"));
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body())
        .contains("No garage opens by this key", "00000-00000-00000-00000-00000");
    assertThat(away.submit("/", "/garage/bring", Map.of("key", "0000-<b>")).body())
        .contains("A key has 25 letters and digits", "0000-&lt;b&gt;");
    String sloppy = key.toLowerCase(java.util.Locale.ROOT).replace('-', ' ').replace('1', 'l');
    assertThat(away.submit("/", "/garage/bring", Map.of("key", sloppy)).body()).contains("Otter");
    assertThat(away.get(job + "/need").statusCode()).isEqualTo(200);
    assertThat(home.get("/garage/settings").body()).contains("2 browsers");
    // Changed at home: the other browser and the key are shut out.
    assertThat(home.submit("/garage/settings", "/garage/keys/change", Map.of()).body())
        .contains("The keys were changed", "This browser only");
    assertThat(away.get("/garage").body()).contains("none is open here");
    assertThat(away.submit("/", "/garage/bring", Map.of("key", key)).statusCode()).isEqualTo(422);
    assertThat(home.get(job + "/need").statusCode()).isEqualTo(200);
  }

  @Test
  void bringingAGarageNeverShutsAnotherUnasked() {
    Visit home = new Visit(port);
    home.ownJob("Otter", "petrol-car");
    String key =
        Html.text(home.submit("/garage/settings", "/garage/key", Map.of()).body(), ".garage-key");
    Visit away = new Visit(port);
    away.ownJob("Stoat", "petrol-car");
    HttpResponse<String> asked = away.submit("/", "/garage/bring", Map.of("key", key));
    assertThat(asked.statusCode()).isEqualTo(422);
    assertThat(asked.body()).contains("already has a garage", "1 machine and 1 job");
    assertThat(away.get("/garage").body()).contains("Stoat");
    assertThat(away.submit("/", "/garage/bring", Map.of("key", key, "instead", "yes")).body())
        .contains("Otter")
        .doesNotContain("Stoat");
  }

  @Test
  void openingExchangesTheKeyAndTheOldOneEndsSoon() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String before = visit.cookie("-own");
    visit.submit("/", "/garage/open-own", Map.of());
    assertThat(visit.cookie("-own")).isNotEqualTo(before);
    assertThat(visit.get(job + "/need").statusCode()).isEqualTo(200);
    database
        .sql("update garage_key set ends_at = now() - interval '1 second' where ends_at > now()")
        .update();
    HttpCookie old = cookie(visit, "-own");
    old.setValue(before);
    assertThat(visit.get("/garage").body()).contains("none is open here");
  }

  private static HttpCookie cookie(Visit visit, String nameEnds) {
    return visit.cookies().getCookies().stream()
        .filter(each -> each.getName().endsWith(nameEnds))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void forgettingSaysWhatGoesAndLeavesNothing() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    UUID garage = garageOf(job);
    visit.describeToday(job, "agm", "760", "70");
    OwnerSteps.take(visit, job, "symptom", "outcome", "slow");
    assertThat(OwnerSteps.text(visit, "/garage/forget"))
        .contains("1 machine, 1 job, 1 battery label and 1 reading");
    assertThat(visit.submit("/garage/forget", "/garage/forget", Map.of()).body())
        .contains("Your garage is forgotten");
    assertThat(visit.cookie("-own")).isEmpty();
    for (String table : List.of("machine", "job", "label", "battery", "reading", "garage_key")) {
      assertThat(
              database
                  .sql("select count(*) from " + table + " where garage_id = ?")
                  .param(garage)
                  .query(Integer.class)
                  .single())
          .as(table)
          .isZero();
    }
  }

  /** A token and its cookie, planted from another garage, open nothing. */
  @Test
  void aFormsTokenBelongsToTheGarageItWasDrawnIn() {
    Visit thief = new Visit(port);
    thief.ownJob("Stoat", "petrol-car");
    String stolen = Html.value(thief.get("/machines/new").body(), "_csrf");
    Visit visit = new Visit(port);
    visit.ownJob("Otter", "petrol-car");
    cookie(visit, "-forms").setValue(thief.cookie("-forms"));
    Map<String, String> machine = Map.of("name", "Planted", "type", "petrol-car");
    HttpResponse<String> answer = visit.post("/machines/new", machine, stolen);
    assertThat(answer.statusCode()).isEqualTo(403);
    // What was typed is kept, with a token that is good.
    assertThat(Html.value(answer.body(), "name")).isEqualTo("Planted");
    assertThat(
            visit.post("/machines/new", machine, Html.value(answer.body(), "_csrf")).statusCode())
        .isEqualTo(200);
  }

  @Test
  void whatNobodyWillAskForIsThrownAway() {
    Visit visit = demo();
    UUID copy = garageOf(job(visit, "Juniper"));
    Visit owner = new Visit(port);
    UUID owned = garageOf(owner.ownJob("Otter", "petrol-car"));
    Visit idle = new Visit(port);
    idle.submit("/", "/garage/open-own", Map.of());
    database
        .sql(
            "update garage set seen_at = now() - interval '15 days' where id in (?, ?)"
                + " or (kind = 'GUEST' and seen_at > now() - interval '1 minute')")
        .params(copy, owned)
        .update();
    housekeeping.tidy();
    assertThat(visit.get("/garage").body()).contains("none is open here");
    assertThat(idle.get("/garage").body()).contains("none is open here");
    assertThat(owner.get("/garage").body()).contains("Otter");
    String machine =
        Html.all(owner.get("/garage").body(), "a[href*=/machines/]").eachAttr("href").stream()
            .filter(each -> !each.endsWith("/new"))
            .findFirst()
            .orElseThrow();
    owner.submit(machine, machine + "/remove", Map.of());
    housekeeping.tidy();
    assertThat(owner.submit("/garage", machine + "/restore", Map.of()).body()).contains("Otter");
    owner.submit(machine, machine + "/remove", Map.of());
    database
        .sql("update machine set removed_at = now() - interval '31 days' where garage_id = ?")
        .param(owned)
        .update();
    housekeeping.tidy();
    assertThat(owner.submit("/garage", machine + "/restore", Map.of()).statusCode()).isEqualTo(404);
  }

  @Test
  void anAddressIsAllowedOnlySoMuchAtATime() {
    Allowances allowances = new Allowances(dataSource, instance, 3, 2);
    String address = "2001:db8:1:" + Integer.toHexString(port) + ":";
    for (int i = 0; i < 3; i++) {
      allowances.take(Allowances.Kind.OPENING, address + ":" + i);
    }
    assertThatExceptionOfType(TooOften.class)
        .isThrownBy(() -> allowances.take(Allowances.Kind.OPENING, address + ":9"))
        .matches(often -> often.seconds() > 1000 && often.seconds() <= 1201);
    allowances.take(Allowances.Kind.KEY, address + ":1");
    allowances.take(Allowances.Kind.OPENING, "198.51.100." + port % 200);
    assertThat(
            database
                .sql("select count(*) from allowance where id like '%2001%' or id like '%198.51%'")
                .query(Integer.class)
                .single())
        .isZero();
  }

  /** Behind TLS no neighbour under the same domain can set or read them (RFC 6265bis, 4.1.3.2). */
  @Test
  void behindTlsCookiesAreTheHostsAlone() {
    MockHttpServletRequest request = new MockHttpServletRequest();
    request.setSecure(true);
    MockHttpServletResponse response = new MockHttpServletResponse();
    new GarageCookies(instance).write(request, response, GarageCookies.Use.OWN_KEY, "secret");
    assertThat(response.getHeader("Set-Cookie"))
        .startsWith("__Host-fermix-" + instance.name() + "-own=secret;")
        .contains("Path=/;", "Secure", "HttpOnly", "SameSite=Lax")
        .doesNotContain("Domain");
  }

  /** Instances on one database share the name in their cookies; another database has its own. */
  @Test
  void cookiesCarryTheInstancesName() {
    Visit visit = demo();
    assertThat(visit.cookies().get(URI.create("http://127.0.0.1:" + port)))
        .extracting(HttpCookie::getName)
        .filteredOn(name -> name.startsWith("fermix-") && !name.endsWith("units"))
        .allMatch(name -> name.startsWith("fermix-" + instance.name() + "-"))
        .hasSize(3);
    assertThat(visit.cookies().getCookies()).allMatch(HttpCookie::isHttpOnly);
  }
}
