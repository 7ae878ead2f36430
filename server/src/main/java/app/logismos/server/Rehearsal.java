package app.logismos.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** The program asks itself a first question after its start, so that the first person finds everything loaded. */
final class Rehearsal {
    private static final String QUESTION = "{\"expression\": \"=100000!+sqrt(2)\"}";

    private Rehearsal() {}

    /** Asks in the background; whether there is an answer does not matter. */
    static void start(String address) {
        Thread asking = new Thread(() -> ask(address), "rehearsal");
        asking.setDaemon(true);
        asking.start();
    }

    private static void ask(String address) {
        try {
            HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(address + "/api/v1/calculate"))
                                    .header("Content-Type", "application/json")
                                    .POST(HttpRequest.BodyPublishers.ofString(QUESTION))
                                    .build(),
                            HttpResponse.BodyHandlers.discarding());
        } catch (IOException unanswered) {
            // The program goes on without a rehearsal.
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }
}
