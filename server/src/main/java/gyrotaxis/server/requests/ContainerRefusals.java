package gyrotaxis.server.requests;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/**
 * Refuses as everything else does where a request never came to a controller: the container cannot read its address, the firewall refuses it, or
 * nothing is there.
 */
@Controller
final class ContainerRefusals implements ErrorController, WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /** Where the server sends itself when a filter refused or failed. */
    @RequestMapping("/error")
    void sent(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus known = status instanceof Integer code ? HttpStatus.resolve(code) : null;
        HttpStatus told = known == null ? HttpStatus.NOT_FOUND : known;
        Refusal.write(response, told, Refusal.sentence(told));
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new Reports()));
    }

    /** In the place of the container's own page. */
    private static final class Reports extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, @Nullable Throwable thrown) {
            HttpStatus status = HttpStatus.resolve(response.getStatus());
            if (status == null
                    || !status.isError()
                    || response.getContentWritten() > 0
                    || !response.setErrorReported()) {
                return;
            }
            byte[] body = Refusal.body(status, Refusal.sentence(status));
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.setContentLength(body.length);
                response.getOutputStream().write(body);
                response.finishResponse();
            } catch (IOException gone) {
                // Nobody is there to be told.
            }
        }
    }
}
