package org.fermix.core.decision;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Figure;

/**
 * A short mark of how the models answer: another as soon as a formula or a parameter changes any
 * figure of typical batteries in usual machines, so that an old decision can say that it was made
 * by other models. Of what it says nothing else can be read off it.
 */
public final class ModelPrint {
  private static final int DIGITS = 4;
  private static final String OWN = of(EngineClass.all());

  private ModelPrint() {}

  /** The mark of the models as they are. */
  public static String own() {
    return OWN;
  }

  private static String of(List<EngineClass> classes) {
    StringBuilder figures = new StringBuilder();
    for (EngineClass each : classes) {
      Need need = UsualNeed.of(Engine.usual(each)).need();
      List<Candidate> candidates = new ArrayList<>();
      for (Label label : TypicalBattery.of(need)) {
        candidates.add(new Candidate(String.valueOf((char) ('A' + candidates.size())), label, 0));
      }
      BenchAnswer answer = Bench.of(need, Policy.USUAL, candidates).answer(Conditions.of(need));
      for (CandidateAnswer candidate : answer.candidates()) {
        figures.append(candidate.failedGates().size()).append(';');
        for (Outcome outcome : Outcome.values()) {
          candidate.find(outcome).map(Figure::value).ifPresent(value -> append(figures, value));
        }
      }
    }
    return hashed(figures.toString());
  }

  private static void append(StringBuilder figures, double value) {
    figures.append(String.format(Locale.ROOT, "%." + DIGITS + "g", value)).append(';');
  }

  private static String hashed(String figures) {
    try {
      byte[] sum =
          MessageDigest.getInstance("SHA-256").digest(figures.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(sum, 0, 3);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
