package app.logismos.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Serves this machine only, and those that call it by a name that was allowed: a request must name it as Host, so that no
 * foreign name can be pointed here (DNS rebinding), and one that a page sends must come from a page of ours (Origin, RFC
 * 6454).
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class LocalRequests extends OncePerRequestFilter {
    private static final Set<String> HERE = Set.of("127.0.0.1", "localhost", "[::1]");

    private final Set<String> hosts;

    /**
     * Lets requests pass to this machine and to other names of it.
     *
     * @param address where it listens: no name, so that it cannot be pointed elsewhere
     * @param allowed the other names, without ports
     */
    LocalRequests(
            @Value("${server.address:127.0.0.1}") String address,
            @Value("${logismos.allowed-hosts:}") Set<String> allowed) {
        Stream<String> own = Stream.of(address, "[" + address + "]");
        this.hosts = Stream.of(HERE.stream(), own, allowed.stream())
                .flatMap(names -> names)
                .map(name -> name.strip().toLowerCase(Locale.ROOT))
                .collect(Collectors.toUnmodifiableSet());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        if (!isHere(host)) {
            refuse(
                    response,
                    "This program does not answer under this name. The option --allowed-hosts of its start names more.");
        } else if (!isSameSite(request.getHeader("Origin"), host)) {
            refuse(response, "This request comes from a page of another site.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private boolean isHere(@Nullable String host) {
        return host != null && hosts.contains(host.replaceFirst(":\\d+$", "").toLowerCase(Locale.ROOT));
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
