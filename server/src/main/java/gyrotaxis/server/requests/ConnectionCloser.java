package gyrotaxis.server.requests;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Cuts a line once its request is answered, and does not wait for the rest of what is sent.
 *
 * <p>Tomcat reads an unread body to its end before it lets go of a connection, with a thread that waits for each byte; nothing that a servlet
 * may call prevents that.
 */
@Component
final class ConnectionCloser implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final String KEPT = ConnectionCloser.class.getName();

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextValves(new Kept());
    }

    /** Cuts the line of a request whose answer was written. */
    static void after(HttpServletRequest request, HttpServletResponse response) throws IOException {
        response.flushBuffer();
        if (request.getAttribute(KEPT) instanceof Runnable cut) {
            cut.run();
        }
    }

    /** Keeps the way to the connection at hand for a filter. */
    private static final class Kept extends ValveBase {
        Kept() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            Runnable cut = () -> response.getCoyoteResponse().action(ActionCode.CLOSE_NOW, null);
            request.setAttribute(KEPT, cut);
            getNext().invoke(request, response);
        }
    }
}
