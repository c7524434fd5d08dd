package org.leanlintel.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets only the product's own pages in: the host must be this machine's loopback name, a request from a page must come
 * from the same address, and a body must be JSON or a file to trace from, none of which a page elsewhere can post without
 * asking.
 */
@Component
class OwnPagesOnly extends OncePerRequestFilter {

    private static final Pattern LOOPBACK = Pattern.compile("(localhost|127\\.0\\.0\\.1|\\[::1])(:\\d+)?");

    private static final List<String> BODIES =
            List.of("application/json", "application/pdf", "image/png", "image/jpeg");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = String.valueOf(request.getHeader("Host"));
        String origin = request.getHeader("Origin");
        if (!LOOPBACK.matcher(host).matches()) {
            refuse(response, 403, "This address is not this server's.");
        } else if (origin != null && !origin.equals("http://" + host)) {
            refuse(response, 403, "A page from elsewhere may not use this server.");
        } else if (hasBody(request) && !isAllowed(String.valueOf(request.getContentType()))) {
            refuse(response, 415, "Requests are JSON: send Content-Type application/json.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean isAllowed(String contentType) {
        return BODIES.stream().anyMatch(contentType::startsWith);
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }

    private static void refuse(HttpServletResponse response, int status, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.setCharacterEncoding("UTF-8");
        response.getWriter()
                .write("{\"type\":\"about:blank\",\"title\":\"Not allowed\",\"status\":%d,\"detail\":\"%s\"}"
                        .formatted(status, detail));
    }
}
