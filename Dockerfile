# Builds Logismos and makes an image that runs it:
#   docker build -t logismos .
#   docker run --rm -p 127.0.0.1:8420:8420 -v logismos:/data logismos
FROM node:20-bookworm AS build
RUN apt-get update \
    && apt-get install -y --no-install-recommends openjdk-17-jdk-headless maven \
    && rm -rf /var/lib/apt/lists/* \
    && npm install --global npm@11
WORKDIR /build
COPY . .
RUN ./logismos build

# The same Java as it was built with: the archive of its classes is read by that one only.
FROM debian:bookworm-slim
RUN apt-get update \
    && apt-get install -y --no-install-recommends openjdk-17-jre-headless \
    && rm -rf /var/lib/apt/lists/* \
    && useradd --system --uid 8420 --create-home logismos \
    && install -d -o logismos -m 700 /data
COPY --from=build /build/.build/program /build/.build/program
USER logismos
WORKDIR /build
VOLUME /data
EXPOSE 8420
# It listens at all addresses of the container; under which names it answers is said when it is run.
HEALTHCHECK --interval=30s --timeout=5s --start-period=30s CMD ["bash", "-c", \
    "exec 3<>/dev/tcp/127.0.0.1/8420 && printf 'GET /api/v1/health HTTP/1.0\\r\\nHost: localhost\\r\\n\\r\\n' >&3 && head -n 1 <&3 | grep -q ' 200'"]
ENTRYPOINT ["java", "-XX:+UseSerialGC", "-Xshare:auto", "-XX:SharedArchiveFile=.build/program/classes.jsa", \
    "-jar", ".build/program/server.jar", "--server.address=0.0.0.0", "--server.port=8420", "--logismos.data=/data"]
CMD ["--logismos.demo=true"]
