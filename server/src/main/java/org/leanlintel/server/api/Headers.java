package org.leanlintel.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What browsers may do with answers. The page runs only what this server sends and stands in no other's frame; what is named after its
 * content is kept for ever, the page itself and the API's answers never.
 */
@Component
class Headers extends OncePerRequestFilter {

    private static final String POLICY = String.join(
            "; ",
            "default-src 'self'",
            "img-src 'self' data: blob:",
            "style-src 'self'",
            "worker-src 'self' blob:",
            "object-src 'none'",
            "base-uri 'none'",
            "form-action 'self'",
            "frame-ancestors 'none'");

    /** Of what is no page: a browser that shows it, such as a PDF, shows it alone. */
    private static final String ALONE = "frame-ancestors 'none'";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        String path = request.getRequestURI();
        response.setHeader("Content-Security-Policy", path.startsWith("/api/") ? ALONE : POLICY);
        if (path.startsWith("/assets/"))
            response.setHeader(HttpHeaders.CACHE_CONTROL, "public, max-age=31536000, immutable");
        else if (!path.startsWith("/fonts/")) response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        chain.doFilter(request, response);
    }
}
