package org.fermix.web.permission;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.fermix.core.bench.AllowedGate;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.permission.Approval;
import org.fermix.core.permission.Checklist;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.permission.Property;
import org.fermix.core.permission.Requirement;
import org.fermix.web.approval.Approvals;
import org.fermix.web.approval.IssuerWords;
import org.fermix.web.approval.RequirementWords;
import org.fermix.web.approval.StoredApproval;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.TagMark;
import org.fermix.web.shared.Display;

/**
 * All documents of a machine against all batteries of a line-up.
 *
 * @param letters of the batteries, today’s first
 * @param own what the batteries’ own makers say of such a use
 */
public record PermissionPage(List<Letter> letters, List<Document> documents, List<Row> own) {
  private static final double PERCENT = 100;

  /** A battery at the head of a column. */
  public record Letter(String letter, String name, String style) {}

  /**
   * One document, its revision in force.
   *
   * @param facts what it covers, since when, whose word it is
   * @param warnings what weakens it
   * @param revised what it asks otherwise than the revision before; empty where there is none
   * @param totals how each battery stands, in the order of the letters
   */
  public record Document(
      UUID id,
      String name,
      String facts,
      List<String> warnings,
      Revised revised,
      List<Total> totals,
      List<Row> rows) {}

  /** What changed since the revision before. */
  public record Revised(String since, List<String> changes) {}

  /**
   * How one battery stands against one list.
   *
   * @param drawn a bar of what is met, open and failed
   */
  public record Total(String letter, String style, String words, String drawn) {}

  /**
   * One item, or one thing a battery’s own maker may say.
   *
   * @param meaning what it is taken to ask; empty where that says no more than its words
   */
  public record Row(String words, String meaning, List<Cell> cells) {}

  /**
   * How one battery stands to one item.
   *
   * @param open true where it can be answered here
   * @param asks the words of the line that an answer becomes
   * @param answered when somebody answered; empty where nobody was asked
   */
  public record Cell(
      String letter,
      String style,
      String sign,
      String said,
      boolean open,
      String asks,
      String answered) {}

  static PermissionPage of(
      Need need,
      List<Approvals.Document> documents,
      List<Candidate> candidates,
      Optional<String> leader,
      Display display) {
    return new PermissionPage(
        candidates.stream()
            .map(
                each ->
                    new Letter(
                        each.letter(),
                        each.label().name(),
                        TagMark.style(
                            each.isToday(),
                            leader.filter(each.letter()::equals).isPresent(),
                            false)))
            .toList(),
        documents.stream().map(each -> document(each, need, candidates, display)).toList(),
        own(need, candidates));
  }

  private static Document document(
      Approvals.Document document, Need need, List<Candidate> candidates, Display display) {
    StoredApproval stored = document.current();
    Approval approval = stored.approval();
    Map<String, Checklist> lists =
        candidates.stream()
            .filter(each -> approval.speaksOf(each.label().chemistry().isLead()))
            .collect(
                Collectors.toMap(
                    Candidate::letter,
                    each -> AllowedGate.checklist(approval, need, each.label())));
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < approval.requirements().size(); i++) {
      Requirement item = approval.requirements().get(i);
      int at = i;
      rows.add(
          new Row(
              item.words(),
              RequirementWords.beyondItsWords(item, display),
              candidates.stream()
                  .map(
                      each ->
                          Optional.ofNullable(lists.get(each.letter()))
                              .map(list -> cell(each.letter(), list.items().get(at), display))
                              .orElse(notAsked(each.letter())))
                  .toList()));
    }
    return new Document(
        stored.id(),
        name(approval),
        facts(approval),
        warnings(approval, need.permission().asOf()),
        document
            .earlier()
            .map(earlier -> revised(approval, earlier.approval()))
            .orElse(new Revised("", List.of())),
        candidates.stream()
            .map(
                each ->
                    total(each.letter(), approval, Optional.ofNullable(lists.get(each.letter()))))
            .toList(),
        rows);
  }

  static String name(Approval approval) {
    return approval.document()
        + (approval.revision().isEmpty() ? "" : ", revision " + approval.revision());
  }

  private static String facts(Approval approval) {
    List<String> words = new ArrayList<>();
    words.add("Covers " + approval.covers());
    words.add(
        approval.serials().isEmpty() ? "all serial numbers" : "serials " + approval.serials());
    if (!approval.region().isEmpty()) {
      words.add(approval.region());
    }
    words.add(approval.dated().map(day -> "dated " + day).orElse("bears no date"));
    words.add("the word of " + IssuerWords.of(approval.issuer()));
    words.add(
        (approval.scope() == Approval.Scope.ANY ? "of any battery" : "of lithium and sodium")
            + (approval.exclusive()
                ? ": what is not on it is not allowed"
                : ": what it evaluated; nothing is said of others"));
    return String.join("; ", words) + ".";
  }

  private static List<String> warnings(Approval approval, LocalDate today) {
    List<String> warnings = new ArrayList<>();
    if (approval.isStale(today)) {
      warnings.add(
          approval
              .verifiedOn()
              .map(day -> "Last seen to be current on " + day + ": look it up again.")
              .orElse("Nobody has noted that it is current: look it up."));
    }
    if (approval.isInterested()) {
      warnings.add("Whoever issued it sells batteries, and has an interest in it.");
    }
    return warnings;
  }

  private static Revised revised(Approval now, Approval before) {
    Approval.Revised revised = now.since(before);
    List<String> changes = new ArrayList<>();
    revised.added().forEach(item -> changes.add("+ " + item.words()));
    revised.changed().forEach(item -> changes.add("now: " + item.words()));
    revised.dropped().forEach(item -> changes.add("− " + item.words()));
    if (changes.isEmpty()) {
      changes.add("asks the same");
    }
    return new Revised(name(before), changes);
  }

  private static Total total(String letter, Approval approval, Optional<Checklist> found) {
    if (found.isEmpty()) {
      return new Total(letter, "", "not asked", "");
    }
    Checklist list = found.get();
    int items = list.items().size();
    int met = list.answered(Checklist.Answer.MEETS).size();
    int failed = list.answered(Checklist.Answer.FAILS).size();
    Markup out = new Markup();
    bar(out, 0, met, items, "met");
    bar(out, met, items - met - failed, items, "open");
    bar(out, items - failed, failed, items, "failed");
    return new Total(
        letter,
        failed > 0 ? (approval.exclusive() ? "fails" : "close") : met == items ? "clears" : "close",
        met
            + " of "
            + items
            + (failed > 0 ? (approval.exclusive() ? " ✕" : " ≈") : met == items ? " ✓" : " ?"),
        out.toString());
  }

  private static void bar(Markup out, int from, int length, int of, String style) {
    if (length > 0) {
      out.mark(
          "rect",
          "x",
          Scale.percent(PERCENT * from / of),
          "width",
          Scale.percent(PERCENT * length / of),
          "height",
          "9",
          "class",
          "list-" + style);
    }
  }

  private static Cell notAsked(String letter) {
    return new Cell(letter, "", "·", "", false, "", "");
  }

  private static Cell cell(String letter, Checklist.Item item, Display display) {
    String said =
        item.lines().stream()
            .map(DataSheet.Line::value)
            .distinct()
            .collect(Collectors.joining(", "));
    Optional<String> believed =
        item.believed()
            .flatMap(
                less ->
                    item.requirement()
                        .amount()
                        .map(
                            least ->
                                said
                                    + " printed, "
                                    + RequirementWords.amount(least.property(), less, display)
                                    + " believed"));
    String answered =
        item.lines().stream()
            .flatMap(line -> line.asked().stream())
            .map(LocalDate::toString)
            .findFirst()
            .orElse("");
    return switch (item.answer()) {
      case MEETS -> new Cell(letter, "clears", "✓", said, false, asks(item), answered);
      case FAILS -> new Cell(letter, "fails", "✕", said, false, asks(item), answered);
      case NOT_STATED -> new Cell(letter, "close", "?", "", true, asks(item), answered);
      case UNCLEAR ->
          new Cell(letter, "close", "≈", believed.orElse(said), true, asks(item), answered);
    };
  }

  /** The words by which an answer is kept: those of the line that speaks of it. */
  static String asks(Checklist.Item item) {
    if (item.requirement() instanceof Requirement.InWords inWords) {
      return inWords.words();
    }
    if (item.requirement() instanceof Requirement.IsChemistry) {
      return RequirementWords.name(Property.CHEMISTRY);
    }
    return RequirementWords.name(Property.valueOf(item.requirement().key()));
  }

  private static List<Row> own(Need need, List<Candidate> candidates) {
    List<Property> asked = new ArrayList<>();
    asked.add(need.engine().engineClass().traits().allowedBy());
    if (need.engine().turns()) {
      asked.add(Property.MADE_FOR_CRANKING);
    }
    asked.add(Property.ALTERNATOR_ALLOWED);
    if (need.tray().filter(tray -> tray.mayLieDown()).isPresent()) {
      asked.add(Property.MAY_LIE);
    }
    return asked.stream()
        .map(
            property ->
                new Row(
                    RequirementWords.name(property),
                    "",
                    candidates.stream()
                        .map(each -> own(each.letter(), each.label(), property))
                        .toList()))
        .toList();
  }

  private static Cell own(String letter, Label label, Property property) {
    DataSheet sheet = label.dataSheet();
    String answered =
        sheet.on(property).stream()
            .flatMap(line -> line.asked().stream())
            .map(LocalDate::toString)
            .findFirst()
            .orElse("");
    return sheet
        .has(property)
        .map(
            yes ->
                new Cell(
                    letter,
                    yes ? "clears" : "fails",
                    yes ? "✓" : "✕",
                    yes ? "yes" : "no",
                    false,
                    RequirementWords.name(property),
                    answered))
        .orElse(new Cell(letter, "", "?", "", true, RequirementWords.name(property), ""));
  }
}
