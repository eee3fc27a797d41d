package org.fermix.core.casing;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.fermix.core.quantity.Table;

/**
 * A standard case code with its largest outer size; {@code case-codes.csv}, where the sources
 * stand.
 *
 * @param system BCI, EN or JIS
 * @param positiveSide empty where a letter after the code decides
 * @param sure false where the sizes are from memory and to be verified
 */
public record CaseCode(
    String system,
    String code,
    CaseSize size,
    Optional<TerminalSide> positiveSide,
    Terminal terminal,
    boolean sure) {
  /** Cases of one code differ by so much (mm); estimate. */
  private static final double NEAR_MM = 3;

  private static final List<CaseCode> ALL =
      Table.read(CaseCode.class, "case-codes.csv").rows().stream().map(CaseCode::of).toList();

  /** Every code, in table order. */
  public static List<CaseCode> all() {
    return ALL;
  }

  /** The codes printed so, in any system; 24 and LN3 are one each. */
  public static List<CaseCode> find(String code) {
    String wanted = code.strip().toUpperCase(Locale.ROOT);
    return ALL.stream().filter(each -> each.code().equals(wanted)).toList();
  }

  /** The code a case of a size and side is of; within a few millimetres, the nearest. */
  public static Optional<CaseCode> of(CaseSize size, TerminalSide side) {
    return ALL.stream()
        .filter(each -> each.positiveSide().isEmpty() || each.positiveSide().get() == side)
        .filter(each -> each.off(size) <= NEAR_MM)
        .min(
            Comparator.comparingDouble((CaseCode each) -> each.off(size))
                .thenComparing(each -> !each.sure())
                .thenComparing(CaseCode::code));
  }

  private double off(CaseSize other) {
    return Math.max(
        Math.abs(size.lengthMm() - other.lengthMm()),
        Math.max(
            Math.abs(size.widthMm() - other.widthMm()),
            Math.abs(size.heightMm() - other.heightMm())));
  }

  /** The codes whose largest case goes into a space upright, largest volume first. */
  public static List<CaseCode> goingInto(CaseSize space) {
    return ALL.stream()
        .filter(
            each ->
                each.size().lengthMm() <= space.lengthMm()
                    && each.size().widthMm() <= space.widthMm()
                    && each.size().heightMm() <= space.heightMm())
        .sorted(
            Comparator.comparingDouble((CaseCode each) -> each.size().litres())
                .reversed()
                .thenComparing(CaseCode::code))
        .toList();
  }

  private static CaseCode of(Table.Row row) {
    return new CaseCode(
        row.text("system"),
        row.text("code"),
        new CaseSize(row.number("length_mm"), row.number("width_mm"), row.number("height_mm")),
        row.isBlank("positive")
            ? Optional.empty()
            : Optional.of(TerminalSide.valueOf(row.text("positive").toUpperCase(Locale.ROOT))),
        Terminal.find(row.text("terminal")).orElseThrow(),
        row.text("certainty").equals("sure"));
  }
}
