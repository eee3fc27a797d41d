package org.fermix.web.proving;

import java.util.Optional;
import org.fermix.web.fitting.BesideFitting;
import org.fermix.web.fitting.Fittings;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The proof beside the work. */
@Component
class ProofBesideFitting implements BesideFitting {
  private final Proofs proofs;

  ProofBesideFitting(Proofs proofs) {
    this.proofs = proofs;
  }

  @Override
  public void show(OpenJob job, Fittings.Incoming incoming, Display display, Model model) {
    model.addAttribute("proof", ProofPage.of(proofs.state(job, incoming), display));
  }

  @Override
  public Optional<String> line(OpenJob job) {
    Proofs.Progress progress = proofs.progress(job);
    if (progress.handedOver().isPresent()) {
      return Optional.of("in the machine");
    }
    return progress.measured() == 0
        ? Optional.empty()
        : Optional.of(progress.measured() + " measured");
  }
}
