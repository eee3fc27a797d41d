package org.fermix.web.need;

import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.CrankingDemand;
import org.fermix.core.bench.GateResult;
import org.fermix.core.bench.LoadRun;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Influence;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.web.job.OpenJob;

/** What the bench makes of a need that may not be saved yet; the bench itself stands behind it. */
public interface Judge {
  /** The line-up in a need, in the owner's own conditions. */
  Judged judge(OpenJob job, Need need);

  /** How each battery of the line-up runs down with what is in the ledger. */
  List<LoadRun> runs(OpenJob job, Need need);

  /** What each assumption carries, that which carries most first. */
  List<Influence> influences(OpenJob job, Need need);

  /** How a typical battery of one chemistry is charged here. */
  record Kind(Chemistry chemistry, GateResult charged) {}

  /**
   * The line-up judged.
   *
   * @param leader the letter that is to be taken, where there is one
   * @param typical true where nobody has typed a candidate yet and typical batteries stand in
   * @param kinds how each chemistry is charged here
   * @param demand of the start; empty where nothing is cranked
   */
  record Judged(
      BenchAnswer answer,
      Optional<String> leader,
      boolean typical,
      List<Kind> kinds,
      Optional<CrankingDemand> demand) {
    /** Copies the list. */
    public Judged {
      kinds = List.copyOf(kinds);
    }

    /** The battery under a letter. */
    public Optional<CandidateAnswer> of(String letter) {
      return answer.candidates().stream().filter(each -> each.letter().equals(letter)).findFirst();
    }

    /** That which is laid in where none is chosen: the leader, else the first for sale. */
    Optional<CandidateAnswer> usual() {
      return leader.flatMap(this::of).or(() -> answer.forSale().stream().findFirst());
    }

    /** The label under a letter. */
    Optional<Label> label(String letter) {
      return of(letter).map(each -> each.candidate().label());
    }
  }
}
