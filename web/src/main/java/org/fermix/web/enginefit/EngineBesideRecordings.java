package org.fermix.web.enginefit;

import org.fermix.web.job.OpenJob;
import org.fermix.web.recordings.BesideRecordings;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The fitted engine, shown under the recorded starts it comes from. */
@Component
class EngineBesideRecordings implements BesideRecordings {
  private final EngineFits fits;

  EngineBesideRecordings(EngineFits fits) {
    this.fits = fits;
  }

  @Override
  public void show(OpenJob job, Display display, Model model) {
    model.addAttribute("engine", EngineFitView.of(job, fits.change(job), display).orElse(null));
  }
}
