package org.fermix.web.door;

import org.apache.catalina.core.StandardHost;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Hangs the door into the server. */
@Configuration
@EnableConfigurationProperties(DoorSettings.class)
class Door {
  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> bounded(DoorSettings settings) {
    return factory -> {
      factory.setProtocol(BoundedConnections.class.getName());
      factory.addContextValves(new BodyValve(settings));
      factory.addConnectorCustomizers(
          connector -> {
            if (connector.getProtocolHandler() instanceof BoundedConnections protocol) {
              protocol.limit(settings.connectionsPerAddress());
            }
          });
      factory.addContextCustomizers(
          context -> {
            if (context.getParent() instanceof StandardHost host) {
              host.setErrorReportValveClass(PlainErrors.class.getName());
            }
          });
    };
  }
}
