package org.fermix.web.door;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.channels.SocketChannel;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioEndpoint;

/** HTTP as Tomcat speaks it, but one address can hold only so many connections. */
public final class BoundedConnections extends Http11NioProtocol {
  /** Made by the server by its name; the limit is set before it starts. */
  public BoundedConnections() {
    super(new Endpoint());
  }

  void limit(int perAddress) {
    ((Endpoint) getEndpoint()).perAddress = perAddress;
  }

  private static final class Endpoint extends NioEndpoint {
    private volatile int perAddress;

    /** False closes the connection that has just come. */
    @Override
    protected boolean setSocketOptions(SocketChannel socket) {
      if (hasRoom(socket)) {
        return super.setSocketOptions(socket);
      }
      destroySocket(socket);
      return false;
    }

    private boolean hasRoom(SocketChannel socket) {
      if (perAddress <= 0 || getConnections().size() < perAddress) {
        return true;
      }
      try {
        if (!(socket.getRemoteAddress() instanceof InetSocketAddress from)) {
          return true;
        }
        String address = from.getAddress().getHostAddress();
        return getConnections().stream()
                .filter(each -> address.equals(each.getRemoteAddr()))
                .count()
            < perAddress;
      } catch (IOException e) {
        return false;
      }
    }
  }
}
