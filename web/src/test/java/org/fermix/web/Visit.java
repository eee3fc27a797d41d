package org.fermix.web;

import java.io.IOException;
import java.net.CookieManager;
import java.net.CookieStore;
import java.net.HttpCookie;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.stream.Collectors;

/** A visitor with plain HTTP and cookies: what works without a browser's scripts. */
public final class Visit {
  private final HttpClient client;
  private final String base;

  /** A fresh visitor. */
  public Visit(int port) {
    this(
        HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build(),
        port);
  }

  private Visit(HttpClient client, int port) {
    this.client = client;
    this.base = "http://127.0.0.1:" + port;
  }

  /** The same visitor, with the same cookies, at another instance. */
  public Visit at(int otherPort) {
    return new Visit(client, otherPort);
  }

  /** Opens a page. */
  public HttpResponse<String> get(String path, String... headers) {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return send(request);
  }

  /**
   * The status line for an address that a proper client would refuse to send; cookies are sent as
   * they would be.
   */
  public String raw(String path) {
    URI uri = URI.create(base);
    try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
      String cookies =
          cookies().getCookies().stream()
              .map(cookie -> cookie.getName() + "=" + cookie.getValue())
              .collect(Collectors.joining("; "));
      String request =
          "GET "
              + path
              + " HTTP/1.1\r\nHost: 127.0.0.1\r\nCookie: "
              + cookies
              + "\r\nConnection: close\r\n\r\n";
      socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  /** Opens a file. */
  public byte[] file(String path) {
    try {
      HttpResponse<byte[]> answer =
          client.send(
              HttpRequest.newBuilder(URI.create(base + path)).build(),
              HttpResponse.BodyHandlers.ofByteArray());
      return answer.statusCode() == 200 ? answer.body() : new byte[0];
    } catch (IOException e) {
      throw new AssertionError(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new AssertionError(e);
    }
  }

  /** The cookies it holds. */
  public CookieStore cookies() {
    return ((CookieManager) client.cookieHandler().orElseThrow()).getCookieStore();
  }

  /** What the cookie holds whose name ends so; empty where there is none. */
  public String cookie(String nameEnds) {
    return cookies().getCookies().stream()
        .filter(cookie -> cookie.getName().endsWith(nameEnds))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }

  /** Sends a form with a chosen token, and headers besides. */
  public HttpResponse<String> post(
      String action, Map<String, String> fields, String token, String... headers) {
    return send(form(action, fields, token).headers(headers));
  }

  /** Sends a file as the form on a page would. */
  public HttpResponse<String> upload(String pagePath, String fileName, String content) {
    String page = get(pagePath).body();
    String boundary = "----boundary";
    StringBuilder body = new StringBuilder();
    Map.of("_csrf", Html.value(page, "_csrf"), "number", Html.value(page, "number"), "name", "")
        .forEach(
            (name, value) ->
                body.append("--")
                    .append(boundary)
                    .append("\r\nContent-Disposition: form-data; name=\"")
                    .append(name)
                    .append("\"\r\n\r\n")
                    .append(value)
                    .append("\r\n"));
    body.append("--")
        .append(boundary)
        .append("\r\nContent-Disposition: form-data; name=\"file\"; filename=\"")
        .append(fileName)
        .append("\"\r\nContent-Type: text/csv\r\n\r\n")
        .append(content)
        .append("\r\n--")
        .append(boundary)
        .append("--\r\n");
    return send(
        HttpRequest.newBuilder(URI.create(base + pagePath))
            .header("Content-Type", "multipart/form-data; boundary=" + boundary)
            .POST(HttpRequest.BodyPublishers.ofString(body.toString())));
  }

  /** Sends something by another method than pages use. */
  public HttpResponse<String> method(String method, String path) {
    return send(
        HttpRequest.newBuilder(URI.create(base + path))
            .method(method, HttpRequest.BodyPublishers.ofString("x=1")));
  }

  /** Sends the form found on a page, with its token, as a browser would. */
  public HttpResponse<String> submit(String pagePath, String action, Map<String, String> fields) {
    String token = Html.value(get(pagePath).body(), "_csrf");
    return post(action, fields, token);
  }

  /** Sends a form with a chosen token. */
  public HttpResponse<String> post(String action, Map<String, String> fields, String token) {
    return send(form(action, fields, token));
  }

  private HttpRequest.Builder form(String action, Map<String, String> fields, String token) {
    String body =
        fields.entrySet().stream()
                .map(entry -> encode(entry.getKey()) + "=" + encode(entry.getValue()))
                .collect(Collectors.joining("&"))
            + "&_csrf="
            + encode(token);
    return HttpRequest.newBuilder(URI.create(base + action))
        .header("Content-Type", "application/x-www-form-urlencoded")
        .POST(HttpRequest.BodyPublishers.ofString(body));
  }

  /** Opens a new garage of one's own and adds a machine; returns the path of its job. */
  public String ownJob(String name, String type) {
    submit("/", "/garage/open-own", Map.of());
    HttpResponse<String> added =
        submit("/machines/new", "/machines/new", Map.of("name", name, "type", type));
    return Html.parts(added.uri(), 2);
  }

  /** Describes today's battery of a job, three years old, in the line-up. */
  public void describeToday(String job, String chemistry, String cca, String ampHours) {
    submit(
        job + "/lineup/today",
        job + "/lineup/today",
        Map.ofEntries(
            Map.entry("name", "Invented"),
            Map.entry("chemistry", chemistry),
            Map.entry("cranking", cca),
            Map.entry("test", "cca"),
            Map.entry("capacity", ampHours),
            Map.entry("length", "240"),
            Map.entry("width", "175"),
            Map.entry("height", "190"),
            Map.entry("side", "RIGHT"),
            Map.entry("age", "3")));
  }

  private HttpResponse<String> send(HttpRequest.Builder request) {
    try {
      return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    } catch (IOException e) {
      throw new AssertionError(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new AssertionError(e);
    }
  }

  private static String encode(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8);
  }
}
