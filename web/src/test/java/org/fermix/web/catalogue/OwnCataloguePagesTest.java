package org.fermix.web.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A garage’s own batteries beside the catalogue; the batteries are invented. */
class OwnCataloguePagesTest extends WebTestBase {
  private static final String HEAD =
      "model,technology,CCA,Ah,weight kg,length,width,height,positive,price\n";

  @LocalServerPort int port;

  private static String page(String job) {
    return job + "/catalogue/own";
  }

  private static String bring(Visit visit, String job, String text) {
    return visit.upload(page(job), "list.csv", text).body();
  }

  @Test
  void aFileIsLookedAtThenKeptWholeAndFound() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String good = "Zircon Demo 60,AGM,640,60,17.5,242,175,190,right,140\n";
    String looked =
        bring(visit, job, HEAD + good + "Zircon Demo 70,coal,many,70,20,278,175,190,up,1\n");
    assertThat(OwnerSteps.plain(looked)).contains("1</b> cannot", "line 3", "Zircon Demo 70");
    assertThat(looked).doesNotContain("Keep all");
    var refused = visit.submit(page(job), page(job) + "/columns", Map.of("keep", "yes"));
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(refused.body()).contains("Nothing was kept");
    assertThat(visit.get(job + "/catalogue?q=zircon").body()).doesNotContain("Zircon Demo 60");
    visit.submit(page(job), page(job) + "/columns", Map.of("drop", "yes"));
    assertThat(bring(visit, job, HEAD + good)).contains("Keep all 1");
    assertThat(visit.submit(page(job), page(job) + "/columns", Map.of("keep", "yes")).body())
        .contains("the search finds them", "list.csv");
    assertThat(visit.get(job + "/catalogue?q=zircon").body())
        .contains("Zircon Demo 60", "list.csv");
    assertThat(visit.get(page(job) + ".csv").body()).contains("Zircon Demo 60");
    assertThat(visit.get(page(job) + ".json").body()).contains("\"Zircon Demo 60\"");
    Visit other = new Visit(port);
    String elsewhere = other.ownJob("Grebe", "petrol-car");
    assertThat(other.get(elsewhere + "/catalogue?q=zircon").body())
        .doesNotContain("Zircon Demo 60");
    visit.submit(page(job), page(job) + "/forget", Map.of("source", "list.csv"));
    assertThat(visit.get(job + "/catalogue?q=zircon").body()).doesNotContain("Zircon Demo 60");
  }

  @Test
  void whatIsNoTableIsSaidAndNothingIsKept() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    assertThat(bring(visit, job, "PK\u0003\u0004 archive")).contains("no text in UTF-8");
    assertThat(bring(visit, job, "[{\"a\": [1]}]"))
        .contains("Line 1, column", "more than one value");
    assertThat(bring(visit, job, "")).contains("Choose a CSV or JSON file");
    assertThat(bring(visit, job, HEAD)).contains("No row was found");
    assertThat(visit.get(page(job) + ".csv").body()).doesNotContain("Demo");
  }

  @Test
  void oneOfTheLineUpIsKeptForEveryMachine() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    OwnerSteps.add(
        visit,
        job,
        OwnerSteps.label("Zircon Demo 62", "flooded", "cranking", "560", "price", "95"));
    visit.submit(job + "/lineup", page(job) + "/keep", Map.of("letter", "A"));
    assertThat(visit.get(page(job)).body()).contains("from line-ups");
    assertThat(visit.get(job + "/lineup/line-up.csv").body())
        .contains("name,chemistry", "Zircon Demo 62,flooded,560");
    assertThat(visit.get(job + "/lineup/line-up.json").body()).contains("\"CCA\":\"560\"");
  }
}
