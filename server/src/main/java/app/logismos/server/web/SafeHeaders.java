package app.logismos.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What a browser may do with answers: pages load from here only, run no script that stands in them, and are shown in no
 * frame (Content Security Policy 3, W3C). Styles may stand in a page, since the controls and typeset formulas have them.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SafeHeaders extends OncePerRequestFilter {
    private static final Map<String, String> HEADERS = Map.of(
            "Content-Security-Policy",
            "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:;"
                    + " font-src 'self' data:; connect-src 'self'; worker-src 'self' blob:; object-src 'none';"
                    + " base-uri 'none'; form-action 'self'; frame-src 'none'; frame-ancestors 'none'",
            "X-Content-Type-Options",
            "nosniff",
            "Referrer-Policy",
            "no-referrer",
            "Permissions-Policy",
            "camera=(), geolocation=(), microphone=(), payment=(), usb=()",
            "Cross-Origin-Opener-Policy",
            "same-origin");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HEADERS.forEach(response::setHeader);
        chain.doFilter(request, response);
    }

    @Override
    protected boolean shouldNotFilterErrorDispatch() {
        return false;
    }
}
