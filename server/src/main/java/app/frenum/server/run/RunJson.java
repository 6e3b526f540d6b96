package app.frenum.server.run;

import app.frenum.core.procedure.run.Happening;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.module.SimpleModule;

/** How happenings are written: each says by its type what it is. */
@Configuration(proxyBeanMethods = false)
class RunJson {
    @Bean
    JacksonModule runModule() {
        return new SimpleModule("run").setMixInAnnotation(Happening.class, Typed.class);
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Happening.Signed.class, name = "signed"),
        @JsonSubTypes.Type(value = Happening.DiscsRead.class, name = "discsRead"),
        @JsonSubTypes.Type(value = Happening.CarMoves.class, name = "carMoves"),
        @JsonSubTypes.Type(value = Happening.LaneCalled.class, name = "laneCalled"),
        @JsonSubTypes.Type(value = Happening.Started.class, name = "started"),
        @JsonSubTypes.Type(value = Happening.AtRest.class, name = "atRest"),
        @JsonSubTypes.Type(value = Happening.WavedOff.class, name = "wavedOff"),
        @JsonSubTypes.Type(value = Happening.Entered.class, name = "entered"),
        @JsonSubTypes.Type(value = Happening.Logged.class, name = "logged"),
        @JsonSubTypes.Type(value = Happening.DiscsPeaked.class, name = "discsPeaked"),
        @JsonSubTypes.Type(value = Happening.Decided.class, name = "decided"),
        @JsonSubTypes.Type(value = Happening.Settled.class, name = "settled"),
        @JsonSubTypes.Type(value = Happening.TaskDone.class, name = "taskDone"),
        @JsonSubTypes.Type(value = Happening.CracksSeen.class, name = "cracksSeen"),
        @JsonSubTypes.Type(value = Happening.Stopped.class, name = "stopped"),
        @JsonSubTypes.Type(value = Happening.Released.class, name = "released")
    })
    private interface Typed {}
}
