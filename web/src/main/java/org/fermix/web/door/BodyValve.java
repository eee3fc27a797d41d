package org.fermix.web.door;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.ServletException;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.apache.tomcat.util.net.ApplicationBufferHandler;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.server.PathContainer;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * Bounds what comes with a request before anybody reads it: its size, the time all of it may take,
 * and how many are being received at once, so that slow senders cannot hold every thread. A body
 * that is refused is not read to its end either.
 */
final class BodyValve extends ValveBase {
  /** Most bytes of a form. */
  static final long FORM_BYTES = 64 * 1024;

  /** Most bytes of a file with the form around it. */
  static final long UPLOAD_BYTES = 41L * 1024 * 1024;

  /** Where files may be sent; a test compares it with the pages that take files. */
  static final List<String> UPLOADS =
      List.of(
          "/jobs/{id}/check/recordings", "/jobs/{id}/catalogue/own", "/jobs/{id}/fit/prove/start");

  private static final List<PathPattern> PATTERNS =
      UPLOADS.stream().map(PathPatternParser.defaultInstance::parse).toList();

  private static final Logger LOG = LoggerFactory.getLogger(BodyValve.class);
  private static final String RETRY_SECONDS = "5";

  private final DoorSettings settings;
  private final Addresses forms;
  private final Addresses uploads;

  BodyValve(DoorSettings settings) {
    super(true);
    this.settings = settings;
    this.forms = new Addresses(settings.bodiesAtOnce(), settings.bodiesPerAddress());
    this.uploads = new Addresses(settings.uploadsAtOnce(), settings.uploadsPerAddress());
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    long length = request.getContentLengthLong();
    if (length == 0 || (length < 0 && request.getHeader("Transfer-Encoding") == null)) {
      getNext().invoke(request, response);
      return;
    }
    boolean upload = isUpload(request);
    long most = upload ? UPLOAD_BYTES : FORM_BYTES;
    if (length > most) {
      refuse(request, response, HttpStatus.CONTENT_TOO_LARGE, upload);
      return;
    }
    String address = request.getRemoteAddr();
    Addresses receiving = upload ? uploads : forms;
    if (!receiving.take(address)) {
      response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_SECONDS);
      refuse(request, response, HttpStatus.SERVICE_UNAVAILABLE, upload);
      return;
    }
    org.apache.coyote.Request coyote = request.getCoyoteRequest();
    InputBuffer unbounded = coyote.getInputBuffer();
    Duration longest =
        Duration.ofSeconds(upload ? settings.uploadSeconds() : settings.formSeconds());
    Body body = new Body(unbounded, most, longest, length, () -> receiving.give(address));
    coyote.setInputBuffer(body);
    try {
      getNext().invoke(request, response);
    } finally {
      body.end();
      coyote.setInputBuffer(unbounded);
      if (!body.isWhole()) {
        // Nobody waits for the rest of it.
        coyote.action(ActionCode.DISABLE_SWALLOW_INPUT, null);
        response.setHeader(HttpHeaders.CONNECTION, "close");
      }
    }
    if (body.refused != null && !response.isCommitted()) {
      response.reset();
      refuse(request, response, body.refused, upload);
    }
  }

  private static boolean isUpload(Request request) {
    String type = request.getContentType();
    PathContainer path = PathContainer.parsePath(request.getRequestURI());
    return type != null
        && type.startsWith("multipart/form-data")
        && PATTERNS.stream().anyMatch(pattern -> pattern.matches(path));
  }

  private static void refuse(Request request, Response response, HttpStatus status, boolean upload)
      throws IOException {
    LOG.warn("refused reason=body status={} upload={}", status.value(), upload);
    request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
    response.setHeader(HttpHeaders.CONNECTION, "close");
    request.removeAttribute(RequestDispatcher.ERROR_EXCEPTION);
    response.sendError(status.value(), upload ? "upload" : "form");
  }

  /** A body that gives up once it is too large or too slow. */
  private static final class Body implements InputBuffer {
    private final InputBuffer inner;
    private final long most;
    private final long until;
    private final long length;
    private final Runnable whenRead;
    private long bytes;
    private boolean whole;
    private boolean ended;
    private @Nullable HttpStatus refused;

    Body(InputBuffer inner, long most, Duration longest, long length, Runnable whenRead) {
      this.inner = inner;
      this.most = most;
      this.until = System.nanoTime() + longest.toNanos();
      this.length = length;
      this.whenRead = whenRead;
    }

    @Override
    public int doRead(ApplicationBufferHandler handler) throws IOException {
      if (refused != null) {
        return cutOff();
      }
      int read = inner.doRead(handler);
      if (read < 0) {
        whole = true;
        end();
        return read;
      }
      bytes += read;
      whole = bytes == length;
      if (bytes > most) {
        refused = HttpStatus.CONTENT_TOO_LARGE;
      } else if (System.nanoTime() > until) {
        refused = HttpStatus.REQUEST_TIMEOUT;
      }
      if (refused != null) {
        return cutOff();
      }
      if (whole) {
        end();
      }
      return read;
    }

    /**
     * Where its length was said, its end comes too early, which is noticed and can be answered;
     * where it was not, only breaking off keeps what came from being taken for the whole.
     */
    private int cutOff() throws IOException {
      if (length < 0) {
        throw new IOException("the body was refused");
      }
      return -1;
    }

    @Override
    public int available() {
      return inner.available();
    }

    boolean isWhole() {
      return whole;
    }

    /** It is no longer being received; only the first call counts. */
    void end() {
      if (!ended) {
        ended = true;
        whenRead.run();
      }
    }
  }
}
