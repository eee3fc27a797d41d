package org.fermix.web.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Conditions;
import org.fermix.web.shared.Display;

/** Draws one picture of a bench in some conditions. */
public final class Pictures {
  private final Sketch.Question question;
  private final Bench bench;
  private final BenchAnswer answer;
  private final Conditions conditions;
  private final Display display;

  /** Ready to draw what was answered. */
  public Pictures(Bench bench, BenchAnswer answer, String leader, Display display) {
    question = new Sketch.Question(bench, answer, leader, display);
    this.bench = bench;
    this.answer = answer;
    this.conditions = answer.conditions();
    this.display = display;
  }

  /** The pictures there is something to draw in. */
  public List<Picture.Kind> available() {
    List<Picture.Kind> all = new ArrayList<>(Arrays.asList(Picture.Kind.values()));
    if (!bench.need().engine().turns()) {
      all.remove(Picture.Kind.START);
      all.remove(Picture.Kind.COLD);
    }
    if (!conditions.hasEngineOffLoad()) {
      all.remove(Picture.Kind.ENGINE_OFF);
    }
    if (answer.forSale().stream().noneMatch(each -> each.candidate().hasPrice())) {
      all.remove(Picture.Kind.MONEY);
    }
    return all;
  }

  /** The picture of a name; the first there is where the name means none of them. */
  public Picture.Kind chosen(String id) {
    List<Picture.Kind> all = available();
    return all.stream()
        .filter(kind -> kind.id().equals(id))
        .findFirst()
        .orElseGet(() -> all.contains(Picture.Kind.COLD) ? Picture.Kind.COLD : all.get(0));
  }

  /**
   * Draws one.
   *
   * @param at where to read, as it is worked out; where it makes sense for the picture
   * @param third true for the third try of a start instead of the first
   */
  public Picture draw(Picture.Kind kind, OptionalDouble at, boolean third) {
    return switch (kind) {
      case START -> new StartPicture(question).draw(at, third);
      case COLD -> new ColdPicture(question).draw(at);
      case PARKED -> new ParkedPicture(question).draw(at);
      case ENGINE_OFF -> new EngineOffPicture(question).draw(at);
      case FILLING -> new FillingPicture(question).draw(at);
      case MONEY -> new MoneyPicture(question).draw(at);
      case MASS -> new MassPicture(question).draw();
    };
  }

  /** Where a picture is read, in words. */
  public String read(Picture.Reader reader) {
    return display.number(reader.at() * reader.factor() + reader.offset(), reader.decimals())
        + (reader.unit().isEmpty() ? "" : "\u00a0" + reader.unit());
  }

  /** Every point of one picture, a line each, as it is worked out: metric. */
  public String csv(Picture.Kind kind, boolean third) {
    StringBuilder text = new StringBuilder("curve,letter,x,y\n");
    for (CandidateCurves each : bench.curves(conditions, curves(kind, third))) {
      for (CandidateCurves.Kind curve : curves(kind, third)) {
        for (CandidateCurves.Point point : each.find(curve).orElse(List.of())) {
          text.append(
              String.format(
                  Locale.ROOT,
                  "%s,%s,%.6g,%.6g%n",
                  curve.name().toLowerCase(Locale.ROOT),
                  each.letter(),
                  point.x(),
                  point.y()));
        }
      }
    }
    return text.toString();
  }

  static Set<CandidateCurves.Kind> curves(Picture.Kind kind, boolean third) {
    return switch (kind) {
      case START ->
          third
              ? EnumSet.of(
                  CandidateCurves.Kind.THIRD_VOLTS,
                  CandidateCurves.Kind.THIRD_AMPS,
                  CandidateCurves.Kind.THIRD_RPM)
              : EnumSet.of(
                  CandidateCurves.Kind.START_VOLTS,
                  CandidateCurves.Kind.START_AMPS,
                  CandidateCurves.Kind.START_RPM);
      case COLD -> EnumSet.of(CandidateCurves.Kind.START_CHANCE);
      case PARKED -> EnumSet.of(CandidateCurves.Kind.PARKED_CHARGE);
      case ENGINE_OFF -> EnumSet.of(CandidateCurves.Kind.ENGINE_OFF_VOLTS);
      case FILLING -> EnumSet.of(CandidateCurves.Kind.FILLING);
      case MONEY -> EnumSet.of(CandidateCurves.Kind.MONEY, CandidateCurves.Kind.MONEY_STEPS);
      case MASS -> EnumSet.noneOf(CandidateCurves.Kind.class);
    };
  }
}
