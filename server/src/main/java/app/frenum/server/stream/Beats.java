package app.frenum.server.stream;

import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Lets streams say every moment that the link is there. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class Beats {}
