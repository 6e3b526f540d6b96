package app.frenum.server.device;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.socket.config.annotation.EnableWebSocket;
import org.springframework.web.socket.config.annotation.WebSocketConfigurer;
import org.springframework.web.socket.config.annotation.WebSocketHandlerRegistry;

/** Where devices connect. A page of another origin in somebody's browser cannot: only Frenum's own origin may. */
@Configuration(proxyBeanMethods = false)
@EnableWebSocket
class DeviceSockets implements WebSocketConfigurer {
    private final DeviceSocket socket;

    DeviceSockets(DeviceSocket socket) {
        this.socket = socket;
    }

    @Override
    public void registerWebSocketHandlers(WebSocketHandlerRegistry registry) {
        registry.addHandler(socket, "/device");
    }
}
