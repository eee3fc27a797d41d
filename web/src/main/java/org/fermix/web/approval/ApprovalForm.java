package org.fermix.web.approval;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.permission.Approval;
import org.fermix.core.permission.Requirement;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.jspecify.annotations.Nullable;

/** The form that copies a document about what may be fitted. */
final class ApprovalForm {
  private static final int DATE = 10;

  private static final List<Field> FIELDS =
      List.of(
          Field.text("document", "Document", 120)
              .needed()
              .withHelp("Its title or number. Revisions of one document bear the same."),
          Field.text("revision", "Revision", 40),
          Field.text("dated", "Its date", DATE).withHelp("As 2026-03-31."),
          Field.text("verified", "Seen to be current on", DATE)
              .withHelp(
                  "When you last looked at its source. After a year it is to be looked up again."),
          Field.text("covers", "Covers", 120)
              .needed()
              .withHelp("Engine family or aircraft, as it is named."),
          Field.text("serials", "Serial numbers", 60).withHelp("Empty: all of them."),
          Field.text("region", "Region", 60).withHelp("Empty: everywhere."),
          Field.choice("issuer", "Whose word it is", IssuerWords.choices())
              .needed()
              .withHelp("A seller of batteries has an interest in it; that is shown."),
          Field.choice(
                  "scope",
                  "Speaks of",
                  List.of(
                      new Field.Choice("NOT_LEAD", "lithium and sodium only"),
                      new Field.Choice("ANY", "any battery")))
              .needed(),
          Field.choice(
                  "exclusive",
                  "What is not on it",
                  List.of(
                      new Field.Choice("yes", "is not allowed"),
                      new Field.Choice("no", "was not evaluated; nothing is said of it")))
              .needed()
              .withHelp("“Evaluated” is not “the only one allowed”: its own words decide."),
          Field.lines(
                  "items", "What it asks, a line each", Requirement.LONGEST, Approval.MOST_ITEMS)
              .needed()
              .withHelp(
                  "In its own words: LiFePO4; MCA at least 800; short-circuit protection; discharge"
                      + " down to −20 °C; heater. What is not understood is kept as it is, to be"
                      + " answered by hand."));

  private ApprovalForm() {}

  static Form blank(Display display) {
    Form form =
        Form.stored(
            FIELDS,
            display,
            Map.of("issuer", "ENGINE_MAKER", "scope", "NOT_LEAD", "exclusive", "yes"));
    return hinted(form);
  }

  private static Form hinted(Form form) {
    form.hint("revision", "Empty: bears none");
    form.hint("dated", "Empty: bears none");
    form.hint("verified", "Empty: never looked up; it then counts as old");
    return form;
  }

  static Form of(StoredApproval approval, Display display) {
    Map<String, Object> values = new HashMap<>();
    values.put("document", approval.document);
    put(values, "revision", approval.revision);
    put(values, "dated", approval.dated);
    put(values, "verified", approval.verifiedOn);
    values.put("covers", approval.covers);
    put(values, "serials", approval.serials);
    put(values, "region", approval.region);
    values.put("issuer", approval.issuer);
    values.put("scope", approval.scope);
    values.put("exclusive", approval.exclusive ? "yes" : "no");
    values.put("items", String.join("\n", approval.requirements));
    return hinted(Form.stored(FIELDS, display, values));
  }

  private static void put(Map<String, Object> values, String name, @Nullable Object value) {
    if (value != null) {
      values.put(name, value);
    }
  }

  static Form typed(Form before, Map<String, String> parameters) {
    Form form = Form.typed(before, parameters);
    Optional<LocalDate> dated = date(form, "dated");
    Optional<LocalDate> verified = date(form, "verified");
    if (dated.isPresent() && verified.isPresent() && verified.get().isBefore(dated.get())) {
      form.complain("verified", "It cannot have been looked up before its own date.");
    }
    return form;
  }

  private static Optional<LocalDate> date(Form form, String name) {
    Optional<String> text = form.text(name);
    if (text.isEmpty()) {
      return Optional.empty();
    }
    try {
      return Optional.of(LocalDate.parse(text.get()))
          .filter(day -> day.getYear() >= 1950 && day.getYear() < 2100)
          .or(
              () -> {
                form.complain(name, "A date from 1950 to 2099, such as 2026-03-31.");
                return Optional.empty();
              });
    } catch (DateTimeException e) {
      form.complain(name, "Year, month and day, such as 2026-03-31.");
      return Optional.empty();
    }
  }

  static void write(Form form, StoredApproval approval) {
    approval.document = form.text("document").orElseThrow();
    approval.revision = form.text("revision").orElse(null);
    approval.dated = date(form, "dated").orElse(null);
    approval.verifiedOn = date(form, "verified").orElse(null);
    approval.covers = form.text("covers").orElseThrow();
    approval.serials = form.text("serials").orElse(null);
    approval.region = form.text("region").orElse(null);
    approval.issuer = Approval.Issuer.valueOf(form.text("issuer").orElseThrow());
    approval.scope = Approval.Scope.valueOf(form.text("scope").orElseThrow());
    approval.exclusive = form.text("exclusive").orElseThrow().equals("yes");
    approval.requirements = form.lines("items");
  }
}
