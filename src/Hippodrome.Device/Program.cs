using System.Runtime.Versioning;

[assembly: SupportedOSPlatform("browser")]

// Nothing runs by itself: what is asked of Core is in OnTheDevice.
return;
