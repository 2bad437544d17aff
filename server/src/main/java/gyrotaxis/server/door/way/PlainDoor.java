package gyrotaxis.server.door.way;

import gyrotaxis.server.requests.Refusal;
import gyrotaxis.server.shared.Settings;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.cert.CertificateEncodingException;
import java.security.cert.X509Certificate;
import org.apache.catalina.connector.Connector;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.HtmlUtils;

/**
 * Without TLS only the way to the address with TLS is told: what to trust, and how. The same is told with TLS at {@value #PAGE}.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class PlainDoor extends OncePerRequestFilter implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    static final String PAGE = "/trust";
    static final String AUTHORITY = "/trust/studio.crt";

    private final Settings settings;
    private final Address address;
    private final Connector plain = new Connector();

    PlainDoor(Settings settings, Address address) {
        this.settings = settings;
        this.address = address;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (settings.studio()) {
            plain.setPort(settings.plainPort());
            factory.addAdditionalConnectors(plain);
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.HIGHEST_PRECEDENCE)
    void listens() {
        if (settings.studio()) {
            address.plainPort(plain.getLocalPort());
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        boolean isAsked = path.equals(PAGE) || path.equals(AUTHORITY);
        if (!settings.studio() || request.isSecure() && !isAsked) {
            chain.doFilter(request, response);
        } else if (!HttpMethod.GET.matches(request.getMethod())) {
            // What was sent here went over the network for everybody to read; it is not taken.
            Refusal.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "Nothing is taken here. Go to " + address.secure(request.getServerName()) + ".");
        } else if (path.equals(AUTHORITY)) {
            sendAuthority(response);
        } else {
            sendPage(request, response);
        }
    }

    private void sendAuthority(HttpServletResponse response) throws IOException {
        try {
            response.setContentType("application/x-x509-ca-cert");
            response.setHeader("Content-Disposition", "attachment; filename=\"studio.crt\"");
            response.getOutputStream().write(address.certificates().authority().getEncoded());
        } catch (CertificateEncodingException e) {
            throw new IllegalStateException(e);
        }
    }

    private void sendPage(HttpServletRequest request, HttpServletResponse response) throws IOException {
        X509Certificate authority = address.certificates().authority();
        String page = new ClassPathResource("door/trust.html").getContentAsString(StandardCharsets.UTF_8);
        response.setContentType("text/html;charset=UTF-8");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader(
                "Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'");
        response.getWriter()
                .write(page.replace("{{address}}", HtmlUtils.htmlEscape(address.secure(request.getServerName())))
                        .replace("{{authority}}", AUTHORITY)
                        .replace("{{fingerprint}}", Certificates.fingerprint(authority)));
    }
}
