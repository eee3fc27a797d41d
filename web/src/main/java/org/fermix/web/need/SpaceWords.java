package org.fermix.web.need;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.GateResult;
import org.fermix.core.bench.Mark;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.fit.Fit;
import org.fermix.core.machine.Tray;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** What goes into a tray and what does not, in words. */
public final class SpaceWords {
  private SpaceWords() {}

  /** How one battery goes in, by its letter; its mark is the bench's own. */
  static String of(CandidateAnswer laid, Tray tray, Display display) {
    return sign(mark(laid)) + " " + laid.letter() + " " + how(laid, tray, display);
  }

  /** The same where its letter stands beside it. */
  public static String ofIt(CandidateAnswer laid, Tray tray, Display display) {
    return sign(mark(laid)) + " " + how(laid, tray, display);
  }

  private static String how(CandidateAnswer laid, Tray tray, Display display) {
    Fit fit = Fit.of(laid.candidate().label(), tray);
    List<String> over = new ArrayList<>();
    over(over, fit.spareLengthMm(), "too long", display);
    over(over, fit.spareWidthMm(), "too wide", display);
    over(over, fit.spareHeightMm(), "too high", display);
    if (!fit.sideMatches()) {
      over.add("its positive terminal is on the other side");
    }
    if (!over.isEmpty()) {
      return "does not go in: " + String.join(", ", over) + ".";
    }
    if (mark(laid) == Mark.FAILS) {
      return "goes in by its size and still fails: the bench says why.";
    }
    return "goes in" + turned(fit) + spare(fit, display) + ".";
  }

  private static Mark mark(CandidateAnswer laid) {
    return laid.gates().stream()
        .filter(each -> each.gate() == Gate.FITS)
        .map(GateResult::mark)
        .findFirst()
        .orElse(Mark.UNKNOWN);
  }

  private static String sign(Mark mark) {
    return switch (mark) {
      case CLEARS -> "\u2713";
      case CLOSE -> "\u2248";
      case FAILS -> "\u2715";
      case UNKNOWN -> "?";
    };
  }

  private static String turned(Fit fit) {
    return switch (fit.orientation()) {
      case UPRIGHT -> "";
      case TURNED_ROUND -> ", turned half round";
      case ACROSS -> ", turned across";
      case LYING -> ", lying on its side if its maker allows";
    };
  }

  private static String spare(Fit fit, Display display) {
    double most = Math.max(fit.spareLengthMm(), fit.spareWidthMm());
    return fit.wantsSpacer()
        ? ", with "
            + millimetres(most, display)
            + " beside it: a spacer, so that the hold-down grips"
        : least(fit) < 1 ? " exactly" : " with " + millimetres(least(fit), display) + " to spare";
  }

  private static double least(Fit fit) {
    return Math.min(fit.spareLengthMm(), Math.min(fit.spareWidthMm(), fit.spareHeightMm()));
  }

  private static void over(List<String> over, double spareMm, String word, Display display) {
    if (spareMm < 0) {
      over.add(millimetres(-spareMm, display) + " " + word);
    }
  }

  /**
   * The largest standard case that goes in, what the next shorter loses, what the next misses by.
   */
  static String standard(Tray tray, Display display) {
    Optional<CaseCode> largest = tray.standardCases().stream().findFirst();
    if (largest.isEmpty()) {
      return "No case of the standards in our table goes in; many batteries follow none.";
    }
    CaseCode in = largest.get();
    StringBuilder text =
        new StringBuilder("Largest standard case: ")
            .append(in.code())
            .append(" (")
            .append(in.system());
    if (!in.sure()) {
      text.append(", sizes from memory");
    }
    text.append(").");
    family(in).stream()
        .filter(each -> each.size().lengthMm() < in.size().lengthMm())
        .max(Comparator.comparingDouble(each -> each.size().lengthMm()))
        .ifPresent(
            shorter ->
                text.append(" The shorter ")
                    .append(shorter.code())
                    .append(" has ")
                    .append(
                        display.number(100 * (1 - shorter.size().litres() / in.size().litres()), 0))
                    .append("\u202f% less room, so about so much less capacity."));
    family(in).stream()
        .filter(each -> each.size().lengthMm() > tray.space().lengthMm())
        .min(Comparator.comparingDouble(each -> each.size().lengthMm()))
        .ifPresent(
            longer ->
                text.append(" The longer ")
                    .append(longer.code())
                    .append(" misses by ")
                    .append(
                        millimetres(longer.size().lengthMm() - tray.space().lengthMm(), display))
                    .append("."));
    return text.toString();
  }

  /** Cases that differ in length alone. */
  private static List<CaseCode> family(CaseCode of) {
    return CaseCode.all().stream()
        .filter(
            each ->
                each.system().equals(of.system())
                    && each.size().widthMm() == of.size().widthMm()
                    && each.size().heightMm() == of.size().heightMm()
                    && each.positiveSide().equals(of.positiveSide()))
        .toList();
  }

  private static String millimetres(double mm, Display display) {
    return display.show(mm, Unit.MILLIMETRE).text();
  }
}
