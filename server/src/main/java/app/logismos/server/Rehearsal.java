package app.logismos.server;

import app.logismos.number.Counting;
import app.logismos.number.Plain;
import app.logismos.number.Real;
import java.io.IOException;
import java.math.BigInteger;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/**
 * What the program does for itself while it starts, so that the first person finds everything loaded and compiled.
 * Whether it comes to an end does not matter to anyone.
 */
final class Rehearsal {
    private static final BigInteger LONG = BigInteger.valueOf(100_000);

    private static final String QUESTION = "{\"expression\": \"=1000!+sqrt(2)\"}";

    private Rehearsal() {}

    /** The virtual machine multiplies long numbers at full speed only after some thousand multiplications. */
    static void calculate() {
        inBackground(() -> Plain.text((Real) Counting.factorial(LONG)));
    }

    /** Asks the program a first question. */
    static void ask(String address) {
        inBackground(() -> send(address));
    }

    private static void inBackground(Runnable act) {
        Thread thread = new Thread(act, "rehearsal");
        thread.setDaemon(true);
        thread.start();
    }

    private static void send(String address) {
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
