package org.fermix.web.door;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.Socket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.catalina.Context;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.startup.Tomcat;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A server of its own with a narrow door: four bodies at once, three from one address, one second.
 */
class BodyValveTest {
  private static final Tomcat SERVER = new Tomcat();
  private static int port;

  /** Reads a form, as pages do. */
  private static final class Reader extends HttpServlet {
    private static final long serialVersionUID = 1;

    @Override
    protected void doPost(HttpServletRequest request, HttpServletResponse response)
        throws IOException {
      response.getWriter().print("read " + request.getParameterMap().size());
    }
  }

  @BeforeAll
  static void start(@TempDir Path folder) throws LifecycleException {
    DoorSettings settings = new DoorSettings(List.of("localhost"), 10, 4, 3, 1, 1, 1, 1, 1, 1);
    SERVER.setBaseDir(folder.toString());
    Connector connector = new Connector(BoundedConnections.class.getName());
    connector.setPort(0);
    ((BoundedConnections) connector.getProtocolHandler()).limit(settings.connectionsPerAddress());
    SERVER.setConnector(connector);
    Context context = SERVER.addContext("", null);
    context.getPipeline().addValve(new BodyValve(settings));
    Tomcat.addServlet(context, "reader", new Reader()).addMapping("/");
    SERVER.start();
    port = connector.getLocalPort();
  }

  @AfterAll
  static void stop() throws LifecycleException {
    SERVER.stop();
  }

  /** Sockets of the test before are closed here and noticed there a moment later. */
  @BeforeEach
  void untilEveryPlaceIsFree() throws InterruptedException {
    for (int i = 0; i < 50 && !isFree(); i++) {
      Thread.sleep(100);
    }
  }

  private static boolean isFree() {
    try {
      return whole().startsWith("HTTP/1.1 200");
    } catch (IOException e) {
      return false;
    }
  }

  private static String whole() throws IOException {
    try (Socket socket = new RawRequest(port).begin(3)) {
      RawRequest.write(socket, "b");
      socket.shutdownOutput();
      return RawRequest.answer(socket);
    }
  }

  /** It may trickle as steadily as it likes: all of it has to be there in time. */
  @Test
  void aBodyThatTricklesIsGivenUp() throws Exception {
    try (Socket socket = new RawRequest(port).begin(1000)) {
      for (int i = 0; i < 100 && socket.getInputStream().available() == 0; i++) {
        Thread.sleep(100);
        RawRequest.write(socket, "x");
      }
      assertThat(RawRequest.answer(socket))
          .startsWith("HTTP/1.1 408")
          .contains("Connection: close");
    }
    assertThat(whole()).startsWith("HTTP/1.1 200");
  }

  /** In rounds: a busy machine may not have read the slow ones yet, or given them up already. */
  @Test
  void slowSendersFromOneAddressDoNotHoldEveryPlace() throws IOException {
    String answered = "";
    for (int round = 0; round < 10 && !answered.startsWith("HTTP/1.1 503"); round++) {
      answered = besideSlowSenders();
    }
    assertThat(answered).startsWith("HTTP/1.1 503").contains("Retry-After: 5", "Connection: close");
  }

  private static String besideSlowSenders() throws IOException {
    List<Socket> slow = new ArrayList<>();
    try {
      for (int i = 0; i < 3; i++) {
        slow.add(new RawRequest(port).begin(1000));
      }
      String answered = "";
      for (int i = 0; i < 200 && !answered.startsWith("HTTP/1.1 503"); i++) {
        try (Socket socket = new RawRequest(port).begin(3)) {
          RawRequest.write(socket, "b");
          answered = RawRequest.answer(socket);
        }
      }
      return answered;
    } finally {
      for (Socket socket : slow) {
        socket.close();
      }
    }
  }

  @Test
  void whatIsTooLargeIsRefusedUnread() throws IOException {
    try (Socket socket = new RawRequest(port).begin(70_000)) {
      assertThat(RawRequest.answer(socket)).startsWith("HTTP/1.1 413");
    }
    // In pieces, its length unsaid.
    try (Socket socket = RawRequest.connect(port)) {
      RawRequest.write(
          socket,
          String.join(
              "\r\n",
              "POST / HTTP/1.1",
              "Host: localhost",
              "Transfer-Encoding: chunked",
              "Content-Type: application/x-www-form-urlencoded",
              "",
              ""));
      assertThat(afterPieces(socket)).doesNotContain("HTTP/1.1 200", "read");
    }
  }

  private static String afterPieces(Socket socket) throws IOException {
    try {
      for (int i = 0; i < 9; i++) {
        RawRequest.write(socket, "2000\r\n" + "x".repeat(0x2000) + "\r\n");
      }
    } catch (IOException e) {
      // Closed by the server meanwhile; what it said is still there.
    }
    try {
      return RawRequest.answer(socket);
    } catch (IOException e) {
      return "closed";
    }
  }

  @Test
  void oneAddressHoldsOnlySoManyConnections() throws Exception {
    List<Socket> open = new ArrayList<>();
    try {
      for (int i = 0; i < 10; i++) {
        open.add(RawRequest.connect(port));
      }
      Thread.sleep(300);
      try (Socket more = RawRequest.connect(port)) {
        more.setSoTimeout(5000);
        assertThat(more.getInputStream().read()).isEqualTo(-1);
      }
    } finally {
      for (Socket socket : open) {
        socket.close();
      }
    }
  }
}
