using Hippodrome.Application.Assessments;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Assessments;

public static class AssessmentEndpoints
{
    public static void MapAssessments(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/assessments", AssessmentRides.ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/assessments", AssessmentRides.BeginAsync).Needs(Access.Rides).Creates();
        api.MapGet("/horses/{horseId}/assessments/{assessmentId:guid}", AssessmentRides.OneAsync).Needs(Access.Reads);
        api.MapPut("/horses/{horseId}/assessments/{assessmentId:guid}/answers", AssessmentRides.AnswerAsync).Needs(Access.Rides);
        api.MapPost("/horses/{horseId}/assessments/{assessmentId:guid}/finish", AssessmentRides.FinishAsync).Needs(Access.Rides).Creates();
        api.MapPost("/horses/{horseId}/assessments/{assessmentId:guid}/places", AssessmentRides.AcceptAsync).Needs(Access.Trains).Creates();
    }
}
