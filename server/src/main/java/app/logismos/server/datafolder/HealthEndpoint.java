package app.logismos.server.datafolder;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The health check that monitoring asks. */
@RestController
class HealthEndpoint {
    private final KeptFile file;

    HealthEndpoint(KeptFile file) {
        this.file = file;
    }

    /**
     * Whether the program does its work.
     *
     * @param status {@code up}, or {@code down} where changes cannot be kept now
     * @param detail why not, in a sentence
     */
    record Health(String status, @Nullable String detail) {}

    /** Answers 200 where changes can be kept, and 503 where only reading goes on. */
    @ApiResponse(responseCode = "200", description = "Changes can be kept.")
    @ApiResponse(
            responseCode = "503",
            description = "Only reading goes on.",
            content = @Content(schema = @Schema(implementation = Health.class)))
    @GetMapping("/api/v1/health")
    ResponseEntity<Health> health() {
        try {
            file.checkKeeping();
            return ResponseEntity.ok(new Health("up", null));
        } catch (NotKept reason) {
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).body(new Health("down", reason.getMessage()));
        }
    }
}
