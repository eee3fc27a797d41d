package org.fermix.web.door;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;

/** What the server itself answers where no page of ours is reached: in words, under the policy. */
public final class PlainErrors extends ErrorReportValve {
  private static final String PAGE =
      "<!DOCTYPE html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>Fermix</title></head>"
          + "<body><h1>That request could not be read</h1><p>Go back and try again from the page"
          + " itself; nothing was changed.</p></body></html>";

  @Override
  protected void report(Request request, Response response, @Nullable Throwable fault) {
    if (response.getStatus() < 400
        || response.getContentWritten() > 0
        || !response.setErrorReported()) {
      return;
    }
    PageHeaders.write(response::setHeader);
    response.setContentType("text/html");
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    try {
      response.getReporter().write(PAGE);
      response.finishResponse();
    } catch (IOException e) {
      // Whoever asked is gone.
    }
  }
}
