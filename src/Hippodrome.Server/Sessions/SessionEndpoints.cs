using Hippodrome.Application;
using Hippodrome.Application.Sessions;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Sessions;

public static class SessionEndpoints
{
    public static void MapSessions(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/sessions", PlanningSessions.ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/sessions/check", PlanningSessions.CheckAsync).Needs(Access.Trains);
        api.MapGet("/horses/{horseId}/sessions/facts", PlanningSessions.FactsAsync).Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/sessions/propose", ProposingSessions.ProposeAsync).Needs(Access.Trains);
        api.MapGet("/session-templates", OwnSessions.ListAsync).Needs(Access.Reads);
        api.MapPost("/session-templates", OwnSessions.AddAsync).Needs(Access.Trains).Creates();
        api.MapDelete("/session-templates/{templateId:guid}", (Guid templateId, Visit visit) =>
                OwnSessions.RemoveAsync(templateId, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost("/session-templates/{templateId:guid}/restore", (Guid templateId, Visit visit) =>
                OwnSessions.RemoveAsync(templateId, visit, false)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/sessions", PlanningSessions.AddAsync).Needs(Access.Trains).Creates();
        api.MapGet("/horses/{horseId}/sessions/{sessionId:guid}", PlanningSessions.OneAsync).Needs(Access.Reads);
        api.MapPut("/horses/{horseId}/sessions/{sessionId:guid}", PlanningSessions.ChangeAsync).Needs(Access.Trains);
        api.MapDelete("/horses/{horseId}/sessions/{sessionId:guid}", (Guid horseId, Guid sessionId, Visit visit) =>
                PlanningSessions.RemoveAsync(horseId, sessionId, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/sessions/{sessionId:guid}/restore", (Guid horseId, Guid sessionId, Visit visit) =>
                PlanningSessions.RemoveAsync(horseId, sessionId, visit, false)
            )
            .Needs(Access.Trains);
    }
}
