package org.leanlintel.server.api;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** What never reaches the application, such as an address that cannot be read, is answered as a problem in words too. */
@Component
class PlainProblems implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private static final String DOCUMENT =
            "{\"type\":\"urn:lean-lintel:problem:unreadable-request\",\"title\":\"%s\",\"status\":%d,\"detail\":\"The request's address or its form cannot be read.\"}";

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) host.setErrorReportValveClass(Valve.class.getName());
        });
    }

    /** Tomcat makes it by its name. */
    public static final class Valve extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, Throwable thrown) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) return;
            HttpStatus known = HttpStatus.resolve(status);
            String title = known == null ? "Error" : known.getReasonPhrase();
            byte[] body = DOCUMENT.formatted(title, status).getBytes(StandardCharsets.UTF_8);
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.setContentLength(body.length);
                response.getOutputStream().write(body);
                response.finishResponse();
            } catch (IOException | IllegalStateException gone) {
                response.setStatus(status);
            }
        }
    }
}
