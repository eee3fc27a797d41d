package org.fermix.web.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.Mark;
import org.fermix.core.machine.Ledger;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.StandingDrain;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Unit;
import org.fermix.web.charger.StoredCharger;
import org.fermix.web.chart.TagMark;
import org.fermix.web.shared.Display;

/**
 * What the Need page shows of a need, saved or not.
 *
 * @param letters that can be laid in
 * @param laidIn the one that is; empty where there is none
 * @param fit how it goes in, in words
 * @param standard the largest standard case, in words
 * @param typical true where typical batteries stand in for a line-up
 * @param ledger the rows of the ledger that are shown: those filled and one more
 * @param parkedTakes what the drain takes over the lay-up
 * @param houseLoads that they belong on a battery of their own; empty where they do not
 * @param mayStop whether such engines may stop at lights
 * @param allowed which batteries the documents and the batteries’ makers allow, in words
 */
public record NeedPage(
    SpaceDrawing space,
    List<Letter> letters,
    String laidIn,
    String fit,
    String standard,
    boolean cranks,
    AskedScale cranking,
    String agreement,
    AskedScale reserve,
    ClimateDrawing climate,
    ChargingDrawing charging,
    List<ChargerRow> chargers,
    String hotDay,
    String parkedTakes,
    List<LedgerRow> ledger,
    String runsTake,
    String houseLoads,
    String allowed,
    List<Asks> asks,
    boolean typical,
    boolean mayStop) {
  /** A letter that can be chosen. */
  public record Letter(String letter, String name, String style, boolean chosen) {}

  /** Things that usually run so, to choose from. */
  public List<String> usualLoads() {
    return Ledger.Usual.all().stream().map(Ledger.Usual::name).toList();
  }

  /** What usually draws with everything off. */
  public List<StandingDrain.Usual> drains() {
    return StandingDrain.usual();
  }

  /** A row of the ledger with what it takes; empty while it says too little. */
  public record LedgerRow(int number, String takes) {}

  private static final double HOURS_A_DAY = 24;
  private static final double MILLI = 1000;

  static NeedPage of(
      Need need,
      List<StoredLoad> loads,
      List<StoredCharger> chargers,
      Judge.Judged judged,
      Optional<String> chosen,
      Display display) {
    Optional<CandidateAnswer> laid = chosen.flatMap(judged::of).or(judged::usual);
    Asked asked = new Asked(need, judged, display);
    boolean cranks = need.engine().turns();
    ChargingDrawing charging = ChargingDrawing.of(need, judged.kinds(), display);
    double drainAh =
        need.use().drainMilliamps().value()
            / MILLI
            * HOURS_A_DAY
            * need.use().layUp().days().value();
    double runsAh = need.use().engineOffAmps().value() * need.use().engineOffHours().value();
    return new NeedPage(
        SpaceDrawing.of(need.tray(), laid.map(CandidateAnswer::candidate), display),
        judged.answer().candidates().stream().map(each -> letter(each, judged, laid)).toList(),
        laid.map(CandidateAnswer::letter).orElse(""),
        need.tray()
            .flatMap(tray -> laid.map(each -> SpaceWords.of(each, tray, display)))
            .orElse(""),
        need.tray()
            .map(tray -> SpaceWords.standard(tray, display))
            .orElse(
                "Measure length, width and free height and say where the positive lead ends; until"
                    + " then nothing can be said about fit, and a usual tray is drawn in outline."),
        cranks,
        asked.cranking(),
        cranks ? asked.agreement() : "",
        asked.reserve(),
        ClimateDrawing.of(need, display),
        charging,
        ChargerRow.of(chargers, need, judged.answer().candidates(), charging.scale(), display),
        display.show(need.hotDayC(), Unit.CELSIUS).text(),
        display.show(drainAh, Unit.AMPERE_HOUR, 1).text(),
        ledger(need, loads, display),
        display.show(runsAh, Unit.AMPERE_HOUR, 1).text(),
        HouseWords.of(need, display).orElse(""),
        allowed(need, judged),
        Asks.of(need, judged, display),
        judged.typical(),
        need.mayStopAtLights());
  }

  private static String allowed(Need need, Judge.Judged judged) {
    int documents = need.permission().approvals().size();
    String said =
        documents == 0
            ? "No document about it is typed."
            : documents == 1
                ? "One document: " + need.permission().approvals().get(0).document() + "."
                : documents + " documents.";
    return said
        + letters(judged, Mark.CLEARS, " Allowed: ")
        + letters(judged, Mark.CLOSE, " Allowed, with something to note: ")
        + letters(judged, Mark.UNKNOWN, " Not settled: ")
        + letters(judged, Mark.FAILS, " Not allowed: ");
  }

  private static String letters(Judge.Judged judged, Mark mark, String words) {
    String letters =
        judged.answer().forSale().stream()
            .filter(
                each ->
                    each.gates().stream()
                        .anyMatch(gate -> gate.gate() == Gate.APPROVED && gate.mark() == mark))
            .map(CandidateAnswer::letter)
            .collect(Collectors.joining(", "));
    return letters.isEmpty() ? "" : words + letters + ".";
  }

  private static List<LedgerRow> ledger(Need need, List<StoredLoad> loads, Display display) {
    double usualHours = LedgerForm.usualHours(UsualNeed.of(need.engine()));
    List<LedgerRow> rows = new ArrayList<>();
    for (int i = 0; i < Math.min(Ledger.MOST, loads.size() + 1); i++) {
      rows.add(
          new LedgerRow(
              i + 1,
              i < loads.size()
                  ? loads
                      .get(i)
                      .item(usualHours)
                      .map(item -> item.ampHours(need.engine().series()))
                      .map(ampHours -> display.show(ampHours, Unit.AMPERE_HOUR, 1).text())
                      .orElse("")
                  : ""));
    }
    return rows;
  }

  private static Letter letter(
      CandidateAnswer answer, Judge.Judged judged, Optional<CandidateAnswer> laid) {
    return new Letter(
        answer.letter(),
        answer.candidate().label().name(),
        TagMark.style(
            answer.candidate().isToday(),
            judged.leader().filter(answer.letter()::equals).isPresent(),
            false),
        laid.filter(each -> each.letter().equals(answer.letter())).isPresent());
  }
}
