package org.fermix.web.door;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;

/** A request as no proper client would send it. */
final class RawRequest {
  private final int port;

  RawRequest(int port) {
    this.port = port;
  }

  static Socket connect(int port) throws IOException {
    return new Socket(InetAddress.getLoopbackAddress(), port);
  }

  /** Sends a request line and headers; all that is answered. */
  String send(String... lines) {
    try (Socket socket = connect(port)) {
      socket.setSoTimeout(20_000);
      write(socket, String.join("\r\n", lines) + "\r\nConnection: close\r\n\r\n");
      return answer(socket);
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  /** Begins a form of so many bytes and sends only the first of them. */
  Socket begin(int bytes) throws IOException {
    Socket socket = connect(port);
    socket.setSoTimeout(20_000);
    write(
        socket,
        String.join(
            "\r\n",
            "POST / HTTP/1.1",
            "Host: localhost",
            "Content-Type: application/x-www-form-urlencoded",
            "Content-Length: " + bytes,
            "Connection: close",
            "",
            "a="));
    return socket;
  }

  static void write(Socket socket, String text) throws IOException {
    socket.getOutputStream().write(text.getBytes(StandardCharsets.US_ASCII));
    socket.getOutputStream().flush();
  }

  static String answer(Socket socket) throws IOException {
    return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
  }
}
