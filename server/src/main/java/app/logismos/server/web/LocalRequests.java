package app.logismos.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Serves this machine only: a request must name it as Host, so that no foreign name can be pointed here (DNS rebinding),
 * and one that a page sends must come from a page of ours (Origin, RFC 6454).
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class LocalRequests extends OncePerRequestFilter {
    private static final Set<String> HERE = Set.of("127.0.0.1", "localhost", "[::1]");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        if (!isHere(host)) {
            refuse(response, "This address serves its own machine only.");
        } else if (!isSameSite(request.getHeader("Origin"), host)) {
            refuse(response, "This request comes from a page of another site.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean isHere(@Nullable String host) {
        return host != null && HERE.contains(host.replaceFirst(":\\d+$", ""));
    }

    private static boolean isSameSite(@Nullable String origin, String host) {
        if (origin == null) {
            return true;
        }
        try {
            return host.equals(URI.create(origin).getAuthority());
        } catch (IllegalArgumentException unreadable) {
            return false;
        }
    }

    private static void refuse(HttpServletResponse response, String detail) throws IOException {
        response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        response.setContentType("application/problem+json");
        response.setCharacterEncoding("UTF-8");
        response.getWriter().write("{\"status\":403,\"title\":\"Forbidden\",\"detail\":\"" + detail + "\"}");
    }
}
